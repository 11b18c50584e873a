import type { Verdict } from '@/api/types'

const WHY: Record<NonNullable<Verdict['why']>, (piece: string, zone: string) => string> = {
  NOT_HERE: (piece, zone) => `${piece} does not belong in ${zone}. Try another place`,
  FULL: (_, zone) => `${zone} is full`,
  TOO_MANY: (piece, zone) => `No more of ${piece} is wanted in ${zone}`,
  TOO_MUCH: (piece, zone) => `With ${piece} it is too much in ${zone}`,
  WRONG_PLACE: (piece, zone) => `${piece} belongs in ${zone}, but at another place`,
  NOT_WITH_THESE: (piece) => `${piece} does not go with what is there`,
  NO_MORE_TRIES: (_, zone) => `${zone} was tried as often as it may be`,
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
  if (verdict.says === 'BELONGS') return `${gap}: that is right`
  if (verdict.says === 'TURNED_AWAY') return `${gap}: not right yet. Try again`
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
