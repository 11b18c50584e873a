import type { Edit } from '@/api/schema'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'

/** Edits as steps that can be undone one by one. */
export function useSteps(editing: Editing) {
  const edit = (made: Edit) => editing.edit(made)
  /** Several as one step. @returns whether anything was done */
  const all = (edits: Edit[]) => (edits.length === 0 ? false : edit(composite(edits)))
  return { edit, all }
}
export type Steps = ReturnType<typeof useSteps>
