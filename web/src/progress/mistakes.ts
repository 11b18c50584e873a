import { t } from '@/i18n'
import type { Missed } from '@/api/schema'

/** Where a piece went, what a zone was given, or what was typed, with how often. */
export const missWords = (miss: Missed) => `${nameOf(miss)} ${miss.count}`

const nameOf = (miss: Missed) =>
  miss.zone ?? miss.piece ?? (miss.text === '' ? t('progress.said-nothing') : `“${miss.text}”`)

/** The commonest miss of all, as a sentence; empty without any. */
export function commonestMiss(misses: Missed[]): string {
  const first = misses[0]
  if (!first) return ''
  const all = misses.reduce((sum, miss) => sum + miss.count, 0)
  if (first.text !== undefined)
    return t('progress.misses-said', { count: first.count, all, what: nameOf(first) })
  return first.zone !== undefined
    ? t('progress.misses-went-to', { count: first.count, all, zone: first.zone ?? '' })
    : t('progress.misses-were', { count: first.count, all, piece: first.piece ?? '' })
}
