import type { Zone, ZoneScale } from '@/api/types'
import { inBox, onPage, type Point } from './geometry'

/** As core's ZoneScale: beyond each end of the line, in page units. */
const INSET = 60
const inset = (width: number) => Math.min(INSET, width / 4)

/** Where a value lies across a zone, from its left edge. */
export const acrossOf = ({ from, to }: ZoneScale, value: number, width: number) =>
  inset(width) + ((value - from) / (to - from)) * (width - 2 * inset(width))

export const tickCount = ({ from, to, step }: ZoneScale) => Math.floor(Math.abs(to - from) / step + 1e-9)

/** Three decimals, as core has them; without what binary fractions leave over. */
const exact = (value: number) => Math.round(value * 1000) / 1000

export const tickOf = (scale: ZoneScale, i: number) =>
  exact(scale.from + (scale.to > scale.from ? i : -i) * scale.step)

/** With the minus sign of print, which is as wide as a digit. */
export const numberWords = (value: number) => String(exact(value)).replace('-', '−')

/** The value at a point of the page, at the closest tick where it snaps. */
export function valueAt(zone: Zone, at: Point): number {
  const scale = zone.scale!
  const { width } = zone.frame
  const across = inBox(zone.frame, at).x
  const share = Math.max(0, Math.min(1, (across - inset(width)) / (width - 2 * inset(width))))
  if (!scale.snaps) return exact(scale.from + share * (scale.to - scale.from))
  return tickOf(
    scale,
    Math.min(tickCount(scale), Math.round((share * Math.abs(scale.to - scale.from)) / scale.step)),
  )
}

/** How far down its zone the line runs. */
export const lineAt = (height: number) => Math.max(height * 0.72, height - 90)

export interface Tick {
  x: number
  value: number
  words: string | null
}

/** The ticks from left to right, some with their number. */
export function ticksOf(scale: ZoneScale, width: number): Tick[] {
  return Array.from({ length: tickCount(scale) + 1 }, (_, i) => {
    const value = tickOf(scale, i)
    return {
      x: acrossOf(scale, value, width),
      value,
      words: i % scale.numbered === 0 ? numberWords(value) : null,
    }
  })
}

/** More are walked through by their numbers only. */
const MOST_STOPS = 41

/** Where the arrow keys put a piece on a scale: at its ticks, or where there are very many at the numbered ones. */
export function stopsOf(zone: Zone): { at: Point; words: string }[] {
  const all = ticksOf(zone.scale!, zone.frame.width)
  const stops = all.length > MOST_STOPS ? all.filter((tick) => tick.words !== null) : all
  return stops.map((tick) => ({
    at: onPage(zone.frame, { x: tick.x, y: zone.frame.height / 2 }),
    words: numberWords(tick.value),
  }))
}
