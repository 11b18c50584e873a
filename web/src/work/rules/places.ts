import { listOf } from '@/i18n/format'
import { t } from '@/i18n'
import type { Frame, Places, SharedPlace, Zone } from '@/api/schema'
import { middle, type Point } from '@/page/geometry'
import { stopsOf, stopsUp } from '@/page/scales'
import { isHidden, lookOf, zoneMiddle } from '@/page/zones'
import { itemName } from '@/page/names'

/** As core's Slots.LABEL: what the label of a zone takes at its top. */
const LABEL = 56

/** The places along a zone, in the order that its pieces are wanted in; as in core's SequenceCells. */
export function placesOf(zone: Zone, row: Places): Frame[] {
  const { x, y, width, height } = zone.frame
  const within = ['TAB', 'INSIDE'].includes(lookOf(zone).label ?? 'TAB') && !isHidden(zone)
  const top = within && zone.label.trim() ? Math.min(LABEL, height / 2) : 0
  const down = row.direction === 'DOWNWARDS'
  const w = down ? width : width / row.count
  const h = (height - top) / (down ? row.count : 1)
  return Array.from({ length: row.count }, (_, place) => {
    const i = row.direction === 'LEFTWARDS' ? row.count - 1 - place : place
    return { x: x + (down ? 0 : i * w), y: y + top + (down ? i * h : 0), width: w, height: h, turn: 0 }
  })
}

/** Where the arrow keys put a piece. */
export interface Target {
  zone: Zone
  at: Point
  /** What is framed, and what it is called. */
  frame: Frame
  name: string
  /** The crossing zones whose common part it is. */
  zoneIds?: string[]
  /** On a pair of axes how many targets lie above each other; they follow each other from the foot. */
  column?: number
}

/** Where an arrow key leads from a target, as how many targets further; null for the next one of all. */
export function stepOnAxes(targets: Target[], index: number, to: { x: number; y: number }): number | null {
  const from = targets[index]
  if (!from?.column) return null
  const first = targets.findIndex((one) => one.zone === from.zone)
  const row = (index - first) % from.column
  if (to.y) return row - to.y >= 0 && row - to.y < from.column ? -to.y : 0
  const next = targets[index + to.x * from.column]
  if (next?.zone === from.zone) return to.x * from.column
  // Beyond its edge the next zone comes.
  const last = first + targets.filter((one) => one.zone === from.zone).length - 1
  return to.x > 0 ? last + 1 - index : first - 1 - index
}

const PEN = { width: 120, height: 120, turn: 0 }
/** Around one place among many on a scale. */
const POINT = { width: 64, height: 64, turn: 0 }

/** A part of crossing zones, as a student who cannot see it is told of it. */
function regionName(all: string[]): string {
  return t('target.several', { count: all.length, names: listOf(all) })
}

function regionTargets(zones: Zone[], regions: SharedPlace[]): Target[] {
  return regions.flatMap(({ zoneIds, x, y }): Target[] => {
    const its = zoneIds.map((id) => zones.find((zone) => zone.id === id)!).filter(Boolean)
    const [zone] = its
    if (!zone) return []
    const frame = { ...PEN, x: x - PEN.width / 2, y: y - PEN.height / 2 }
    return [{ zone, at: { x, y }, frame, name: regionName(its.map(itemName)), zoneIds }]
  })
}

/** Each zone once; one that wants an order with each of its places, and crossing ones with each of their parts. */
export function targetsOf(zones: Zone[], rows: Map<string, Places>, regions: SharedPlace[] = []): Target[] {
  const crossing = new Set(regions.flatMap((one) => one.zoneIds))
  const firstCrossing = zones.find((zone) => crossing.has(zone.id))
  return zones.flatMap((zone): Target[] => {
    if (zone === firstCrossing) return regionTargets(zones, regions)
    if (crossing.has(zone.id)) return []
    const row = rows.get(zone.id)
    const name = itemName(zone)
    if (zone.scale)
      return stopsOf(zone).map(({ at, words }) => ({
        zone,
        at,
        frame: { ...POINT, x: at.x - POINT.width / 2, y: at.y - POINT.height / 2 },
        name: t('target.at', { zone: name, value: words }),
        zoneIds: [zone.id],
        ...(zone.up ? { column: stopsUp(zone) } : {}),
      }))
    if (!row) return [{ zone, at: zoneMiddle(zone), frame: zone.frame, name }]
    return placesOf(zone, row).map((frame, i) => ({
      zone,
      at: middle(frame),
      frame,
      name: t('target.place', { zone: name, n: i + 1, count: row.count }),
    }))
  })
}
