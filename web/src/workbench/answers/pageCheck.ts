import { get } from '@/api/client'
import type { Editing } from '@/workbench/edits/editing'
import { watchFor } from '../watching'

/** The page check of an open activity, live. */
export function watchPages(editing: Editing) {
  const { found, failed } = watchFor(editing, () => get(`/api/v1/activities/${editing.id}/page-check`))
  return { checked: found, failed }
}
export type PageWatch = ReturnType<typeof watchPages>
