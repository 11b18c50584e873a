import { listOf } from '@/i18n/format'
import { t } from '@/i18n'
import type { AttemptState, StudentView } from '@/api/schema'
import { originalOf } from '@/page/items'
import { itemName } from '@/page/names'

/** Names of the things that somebody had touched and that a newer version of the pages does not have any more. */
export function goneWith(was: StudentView, now: StudentView, state: AttemptState): string[] {
  const there = new Set(now.pages.flatMap((page) => page.items.map((item) => item.id)))
  const touched = new Set([
    ...Object.keys(state.pieces).map(originalOf),
    ...Object.entries(state.typed ?? {}).flatMap(([id, gap]) => (gap.text.trim() ? [id] : [])),
    ...Object.entries(state.written ?? {}).flatMap(([id, text]) => (text.trim() ? [originalOf(id)] : [])),
  ])
  return was.pages.flatMap((page) =>
    page.items.filter((item) => touched.has(item.id) && !there.has(item.id)).map(itemName),
  )
}

/** What is told of it, in short words. */
export function renewedWords(gone: string[]): string {
  return gone.length === 0
    ? t('work.changed')
    : t('work.changed-gone', { count: gone.length, names: listOf(gone) })
}
