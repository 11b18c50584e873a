import type { Frame, Zone } from '@/api/types'
import { middle } from '@/page/geometry'
import { acrossOf, numberWords, valueAt } from '@/page/scales'

/** Where on a number line something is held, in page units from the zone's left edge, and the value there. */
export interface Reading {
  zone: Zone
  x: number
  words: string
}

/** What is read while something is held over these zones; of several the uppermost with a scale. Null for none. */
export function readingAt(zones: Zone[], under: string[], frame: Frame): Reading | null {
  const zone = zones.filter((one) => one.scale && under.includes(one.id)).at(-1)
  if (!zone) return null
  const scale = zone.scale!
  const value = valueAt(zone, middle(frame))
  // Between ticks to a tenth of a step: more would only flicker.
  const fine = scale.snaps ? value : Math.round((value / scale.step) * 10) * (scale.step / 10)
  return { zone, x: acrossOf(scale, value, zone.frame.width), words: numberWords(fine) }
}
