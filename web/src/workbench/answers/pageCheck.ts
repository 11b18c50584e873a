import type { CheckedPages } from '@/api/types'
import type { Editing } from '../editing'
import { watchFor } from '../watching'

/** The page check of an open activity, live. */
export function watchPages(editing: Editing) {
  const { found, failed } = watchFor<CheckedPages>(editing, 'check')
  return { checked: found, failed }
}
export type PageWatch = ReturnType<typeof watchPages>
