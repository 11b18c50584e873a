/** The zone of the clock on this teacher's wall. */
export const zoneHere = () => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'

/** A moment as the clock on the wall of that zone shows it, as a date field wants it: 2026-11-28T15:00. */
export function localOf(moment: string | undefined, zone = 'UTC'): string {
  if (!moment) return ''
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(new Date(moment))
  const part = (type: string) => parts.find((one) => one.type === type)!.value
  return `${part('year')}-${part('month')}-${part('day')}T${part('hour')}:${part('minute')}`
}
