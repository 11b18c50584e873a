import type { CheckedPages } from '@/api/schema'
import type { Editing } from '@/workbench/edits/editing'
import { watchFor } from '../watching'

/** The page check of an open activity, live. */
export function watchPages(editing: Editing) {
  const { found, failed } = watchFor<CheckedPages>(editing, 'page-check')
  return { checked: found, failed }
}
export type PageWatch = ReturnType<typeof watchPages>
