import type { Verdict } from '@/api/schema'

/** In short words, for those who have just learned to read. */
const WHY: Record<NonNullable<Verdict['why']>, (piece: string, zone: string) => string> = {
  NOT_HERE: (piece) => `${piece}: not here. Try another place`,
  FULL: (_, zone) => `${zone} is full`,
  TOO_MANY: (piece, zone) => `${zone} has enough of ${piece}`,
  TOO_MUCH: (piece, zone) => `${zone}: with ${piece} it is too much`,
  WRONG_PLACE: (piece) => `${piece}: near, but not this spot. Try another spot`,
  TOO_LOW: (piece) => `${piece}: too low. Try a larger number`,
  TOO_HIGH: (piece) => `${piece}: too high. Try a smaller number`,
  TOO_EARLY: (piece) => `${piece}: too early. Try a later time`,
  TOO_LATE: (piece) => `${piece}: too late. Try an earlier time`,
  TOO_FAR_LEFT: (piece) => `${piece}: too far left`,
  TOO_FAR_RIGHT: (piece) => `${piece}: too far right`,
  OTHER_AXIS: (piece) => `${piece}: the two numbers are swapped. First across, then up`,
  TURNED: (piece) => `${piece}: this spot is right. Now turn it`,
  NOT_WITH_THESE: (piece) => `${piece}: not with these. Try another place`,
  NO_MORE_TRIES: (_, zone) => `${zone}: no more tries`,
}

/** What is told of a piece that was put down; the zone's own words come first. Empty when there is nothing to tell. */
export function toldOf(piece: string, zone: string, verdict: Verdict): string {
  if (verdict.rests === 'TAKEN_BACK') return `${piece} is put back`
  if (verdict.reply?.message) return `${piece}: ${verdict.reply.message}`
  if (verdict.says === 'BELONGS') return `${piece} belongs in ${zone}`
  if (verdict.says === 'DOES_NOT_BELONG') return WHY[verdict.why ?? 'NOT_HERE'](piece, zone)
  if (verdict.why === 'TURNED') return WHY.TURNED(piece, zone)
  return verdict.says === 'NOT_JUDGED' && verdict.zoneId ? `${piece} is in ${zone}` : ''
}

/** What is told of something typed. */
export function toldOfTyped(gap: string, verdict: Verdict): string {
  if (verdict.reply?.message) return verdict.reply.message
  if (verdict.says === 'BELONGS') return `${gap}: right`
  if (verdict.says === 'DOES_NOT_BELONG') return `${gap}: not yet. Try again`
  return verdict.says === 'CANNOT_DECIDE' ? `${gap}: your teacher will look at it` : ''
}

export function toldOfCheck(verdict: Verdict): string {
  return countWords(verdict.count ?? { right: 0, of: 0 })
}

type Count = NonNullable<Verdict['count']>

/** What a check found, and what is still between the zone and all that it wants. */
export function countWords({ right, of, missing }: Count): string {
  if (missing === 'TOO_LITTLE')
    return of === right ? 'Not enough yet' : `Not enough yet, and ${of - right} not right`
  if (missing === 'TOO_MUCH')
    return of === right ? 'It is too much' : `It is too much, and ${of - right} not right`
  if (right < of) return `${right} of ${of} right`
  if (missing === 'MORE') return 'Right so far. There is more to find'
  return of === 1 ? 'It is right' : `All ${of} are right`
}

/** The same on a small tab on the page. */
export function countTab({ right, of, missing }: Count): string {
  if (missing === 'TOO_LITTLE') return 'Not enough yet'
  if (missing === 'TOO_MUCH') return 'Too much'
  return `${right} of ${of} right`
}

/** Minutes and seconds that are left. */
export function clock(milliseconds: number): string {
  const seconds = Math.ceil(milliseconds / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
