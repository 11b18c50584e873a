import { t } from '@/i18n'
import type { ProgressRow } from '@/api/schema'

/** How a placement looks in class progress: each state has its own shape and sign, not only its colour. */
export function cellOf(cell: { tries: number; solvedAt: number }, stuck = false) {
  const tries = t('progress.tries', { tries: cell.tries })
  if (stuck) return { look: 'stuck', shown: '!', said: t('progress.stuck-after', { tries }) }
  if (cell.solvedAt === 1) return { look: 'once', shown: '', said: t('progress.first-try') }
  if (cell.solvedAt === 2) return { look: 'twice', shown: '2', said: t('progress.second-try') }
  if (cell.solvedAt > 2)
    return { look: 'later', shown: `${cell.solvedAt}`, said: t('progress.at-try', { n: cell.solvedAt }) }
  if (cell.tries > 0)
    return { look: 'trying', shown: `${cell.tries}`, said: t('progress.tries-not-yet', { tries }) }
  return { look: 'none', shown: '', said: t('progress.not-yet') }
}

const minutes = (seconds: number) =>
  seconds < 90
    ? t('progress.seconds', { n: seconds })
    : t('progress.minutes', { n: Math.round(seconds / 60) })

/** Why somebody counts as stuck, in words. */
export function stuckWords(stuck: NonNullable<ProgressRow['stuck']>, name: string) {
  return t('progress.needs-help', {
    name,
    refusals: stuck.refusals,
    time: minutes(stuck.seconds),
    typical: minutes(stuck.typical),
  })
}

/** The most stuck first: those who are stuck longest, then those with the most misses, then by name. */
export function mostStuckFirst(rows: ProgressRow[]): ProgressRow[] {
  const misses = (row: ProgressRow) =>
    row.cells.reduce((sum, cell) => sum + (cell.solvedAt > 0 ? cell.solvedAt - 1 : cell.tries), 0)
  return [...rows].sort(
    (a, b) =>
      (b.stuck?.seconds ?? -1) - (a.stuck?.seconds ?? -1) ||
      misses(b) - misses(a) ||
      a.name.localeCompare(b.name),
  )
}

/** The rows with those that changed in their places; students who came since stand last. */
export function withRows(rows: ProgressRow[], changed: Map<string, ProgressRow>): ProgressRow[] {
  const known = new Set(rows.map((row) => row.id))
  return [
    ...rows.map((row) => changed.get(row.id) ?? row),
    ...[...changed.values()].filter((row) => !known.has(row.id)),
  ]
}
