import type { Frame, Zone, ZoneScale } from '@/api/schema'
import { middle } from '@/page/geometry'
import { acrossOf, lineAt, pairWords, valueAt, valueUpAt, valueWords } from '@/page/scales'

/** Where on a scale something is held, in page units from the zone's left top corner, and the value there. */
export interface Reading {
  zone: Zone
  x: number
  /** Where the line is, or on a pair of axes the place itself. */
  y: number
  words: string
}

/** Between ticks to a tenth of a step: more would only flicker. */
const fine = (scale: ZoneScale, value: number) =>
  scale.snaps || scale.reads === 'TIME' ? value : Math.round((value / scale.step) * 10) * (scale.step / 10)

/** What is read while something is held over these zones; of several the uppermost with a scale. Null for none. */
export function readingAt(zones: Zone[], under: string[], frame: Frame): Reading | null {
  const zone = zones.filter((one) => one.scale && under.includes(one.id)).at(-1)
  if (!zone) return null
  const scale = zone.scale!
  const value = valueAt(zone, middle(frame))
  const words = valueWords(scale, fine(scale, value))
  const x = acrossOf(scale, value, zone.frame.width)
  const { height } = zone.frame
  if (!zone.up) return { zone, x, y: lineAt(height), words }
  const up = valueUpAt(zone, middle(frame))
  return {
    zone,
    x,
    y: height - acrossOf(zone.up, up, height),
    words: pairWords(words, valueWords(zone.up, fine(zone.up, up))),
  }
}
