import type { Zone, ZoneScale } from '@/api/schema'
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

/** As core's ZoneScale. */
const LARGEST_PART = 24

/** A value as it is read on its scale: 2.5, 1 3/4 or 14:30. */
export function valueWords(scale: Pick<ZoneScale, 'reads'> | undefined, value: number): string {
  if (scale?.reads === 'TIME') {
    const minutes = Math.round(value)
    return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
  }
  if (scale?.reads !== 'FRACTION') return numberWords(value)
  const size = Math.abs(value)
  for (let parts = 1; parts <= LARGEST_PART; parts++) {
    const all = Math.round(size * parts)
    // A value is kept with three decimals, so that a third is 0.333.
    if (Math.abs(size - all / parts) > 0.5001 / 1000) continue
    const [whole, rest] = [Math.floor(all / parts), all % parts]
    const sign = value < 0 && all > 0 ? '−' : ''
    if (rest === 0) return `${sign}${whole}`
    return `${sign}${whole === 0 ? '' : `${whole} `}${rest}/${parts}`
  }
  return numberWords(value)
}

/** What a teacher types as a value: 2.5, 2,5, −2, 3/4, 1 3/4 or, for minutes of a day, 14:30. Null for anything else. */
export function valueFrom(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-')
  const time = /^(\d{1,2}):(\d{2})$/.exec(plain)
  if (time) {
    const [hours, minutes] = [Number(time[1]), Number(time[2])]
    return hours <= 24 && minutes < 60 && hours * 60 + minutes <= 1440 ? hours * 60 + minutes : null
  }
  const fraction = /^(-?)(?:(\d+) +)?(\d+) *\/ *(\d+)$/.exec(plain)
  if (fraction) {
    const [, sign, whole, rest, parts] = fraction
    if (Number(parts) === 0) return null
    return (sign ? -1 : 1) * (Number(whole ?? 0) + Number(rest) / Number(parts))
  }
  const value = Number(plain)
  return plain === '' || !Number.isFinite(value) ? null : value
}

/** The value at a point of the page, at the closest tick where it snaps. */
export const valueAt = (zone: Zone, at: Point): number =>
  valueAcross(zone.scale!, inBox(zone.frame, at).x, zone.frame.width)

/** The value on the upright one of a pair of axes. */
export const valueUpAt = (zone: Zone, at: Point): number =>
  valueAcross(zone.up!, zone.frame.height - inBox(zone.frame, at).y, zone.frame.height)

function valueAcross(scale: ZoneScale, across: number, length: number): number {
  const share = Math.max(0, Math.min(1, (across - inset(length)) / (length - 2 * inset(length))))
  if (!scale.snaps) return exact(scale.from + share * (scale.to - scale.from))
  return tickOf(
    scale,
    Math.min(tickCount(scale), Math.round((share * Math.abs(scale.to - scale.from)) / scale.step)),
  )
}

/** How far down its zone the line runs. */
export const lineAt = (height: number) => Math.max(height * 0.72, height - 90)

export interface Tick {
  /** Along the line, in page units from its zone's edge. */
  x: number
  value: number
  words: string | null
}

/** The ticks along a line, some with their number. */
export function ticksOf(scale: ZoneScale, width: number): Tick[] {
  return Array.from({ length: tickCount(scale) + 1 }, (_, i) => {
    const value = tickOf(scale, i)
    return {
      x: acrossOf(scale, value, width),
      value,
      words: i % scale.numbered === 0 ? valueWords(scale, value) : null,
    }
  })
}

/** More are walked through by their numbers only. */
const MOST_STOPS = 41
const stopsAlong = (scale: ZoneScale, length: number) => {
  const all = ticksOf(scale, length)
  return all.length > MOST_STOPS ? all.filter((tick) => tick.words !== null) : all
}

/** How many places above each other the arrow keys find on a pair of axes. */
export const stopsUp = (zone: Zone) => (zone.up ? stopsAlong(zone.up, zone.frame.height).length : 1)

/**
 * Where the arrow keys put a piece on a scale: at its ticks, or where there are very many at the numbered ones. On a pair
 * of axes column by column, each from its foot.
 */
export function stopsOf(zone: Zone): { at: Point; words: string }[] {
  const { width, height } = zone.frame
  return stopsAlong(zone.scale!, width).flatMap((tick) => {
    const words = valueWords(zone.scale, tick.value)
    if (!zone.up) return [{ at: onPage(zone.frame, { x: tick.x, y: height / 2 }), words }]
    return stopsAlong(zone.up, height).map((up) => ({
      at: onPage(zone.frame, { x: tick.x, y: height - up.x }),
      words: pairWords(words, valueWords(zone.up, up.value)),
    }))
  })
}

export const pairWords = (along: string, up: string) => `(${along}, ${up})`

/** Where each of a pair of axes lies, in page units from its zone's left top corner: at 0, or at the scale's beginning. */
export function crossingOf(zone: Zone): Point {
  const { width, height } = zone.frame
  const start = ({ from, to }: ZoneScale) => (Math.min(from, to) <= 0 && Math.max(from, to) >= 0 ? 0 : from)
  return {
    x: acrossOf(zone.scale!, start(zone.scale!), width),
    y: height - acrossOf(zone.up!, start(zone.up!), height),
  }
}
