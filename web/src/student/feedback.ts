import type { Verdict } from '@/api/types'

/** In short words, for those who have just learned to read. */
const WHY: Record<NonNullable<Verdict['why']>, (piece: string, zone: string) => string> = {
  NOT_HERE: (piece) => `${piece}: not here. Try another place`,
  FULL: (_, zone) => `${zone} is full`,
  TOO_MANY: (piece, zone) => `${zone} has enough of ${piece}`,
  TOO_MUCH: (piece, zone) => `${zone}: with ${piece} it is too much`,
  WRONG_PLACE: (piece) => `${piece}: near, but not this spot. Try another spot`,
  NOT_WITH_THESE: (piece) => `${piece}: not with these. Try another place`,
  NO_MORE_TRIES: (_, zone) => `${zone}: no more tries`,
}

/** What is told of a piece that was put down; the zone's own words come first. Empty when there is nothing to tell. */
export function toldOf(piece: string, zone: string, verdict: Verdict): string {
  if (verdict.rests === 'TAKEN_BACK') return `${piece} is put back`
  if (verdict.reply?.message) return `${piece}: ${verdict.reply.message}`
  if (verdict.says === 'BELONGS') return `${piece} belongs in ${zone}`
  if (verdict.says === 'TURNED_AWAY') return WHY[verdict.why ?? 'NOT_HERE'](piece, zone)
  return verdict.says === 'NOT_JUDGED' && verdict.zoneId ? `${piece} is in ${zone}` : ''
}

/** What is told of something typed. */
export function toldOfTyped(gap: string, verdict: Verdict): string {
  if (verdict.reply?.message) return verdict.reply.message
  if (verdict.says === 'BELONGS') return `${gap}: right`
  if (verdict.says === 'TURNED_AWAY') return `${gap}: not yet. Try again`
  return verdict.says === 'CANNOT_DECIDE' ? `${gap}: your teacher will look at it` : ''
}

export function toldOfCheck(verdict: Verdict): string {
  const { right, of } = verdict.count ?? { right: 0, of: 0 }
  if (right === of) return of === 1 ? 'It is right' : `All ${of} are right`
  return `${right} of ${of} right`
}

/** Minutes and seconds that are left. */
export function clock(milliseconds: number): string {
  const seconds = Math.ceil(milliseconds / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
