import type { ProgressRow } from '@/api/schema'

/** How a placement looks in class progress: each state has its own shape and sign, not only its colour. */
export function cellOf(cell: { tries: number; solvedAt: number }, stuck = false) {
  const tries = cell.tries === 1 ? '1 try' : `${cell.tries} tries`
  if (stuck) return { look: 'stuck', shown: '!', said: `stuck, ${tries}` }
  if (cell.solvedAt === 1) return { look: 'once', shown: '', said: 'first try' }
  if (cell.solvedAt === 2) return { look: 'twice', shown: '2', said: 'second try' }
  if (cell.solvedAt > 2) return { look: 'later', shown: `${cell.solvedAt}`, said: `try ${cell.solvedAt}` }
  if (cell.tries > 0) return { look: 'trying', shown: `${cell.tries}`, said: `${tries}, not yet` }
  return { look: 'none', shown: '', said: 'not yet' }
}

const minutes = (seconds: number) =>
  seconds < 90 ? `${seconds} seconds` : `${Math.round(seconds / 60)} minutes`

/** Why somebody counts as stuck, in words. */
export function stuckWords(stuck: NonNullable<ProgressRow['stuck']>, name: string) {
  return (
    `Needs help with ${name}: turned away ${stuck.refusals} times, and nothing right for ${minutes(stuck.seconds)}; ` +
    `the class typically needs ${minutes(stuck.typical)}.`
  )
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
