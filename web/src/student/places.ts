import type { Frame, Places, Zone } from '@/api/types'
import { middle, type Point } from '@/page/geometry'
import { isHidden, lookOf, zoneMiddle } from '@/page/zones'
import { itemName } from '@/page/names'

/** As core's Slots.LABEL: what the label of a zone takes at its top. */
const LABEL = 56

/** The places along a zone, in the order that its pieces are wanted in; as in core's SequenceCells. */
export function placesOf(zone: Zone, row: Places): Frame[] {
  const { x, y, width, height } = zone.frame
  const within = ['TAB', 'INSIDE'].includes(lookOf(zone).label ?? 'TAB') && !isHidden(zone)
  const top = within && zone.label.trim() ? Math.min(LABEL, height / 2) : 0
  const down = row.way === 'DOWNWARDS'
  const w = down ? width : width / row.count
  const h = (height - top) / (down ? row.count : 1)
  return Array.from({ length: row.count }, (_, place) => {
    const i = row.way === 'LEFTWARDS' ? row.count - 1 - place : place
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
}

/** Each zone once; one that wants an order with each of its places. */
export function targetsOf(zones: Zone[], rows: Map<string, Places>): Target[] {
  return zones.flatMap((zone): Target[] => {
    const row = rows.get(zone.id)
    const name = itemName(zone)
    if (!row) return [{ zone, at: zoneMiddle(zone), frame: zone.frame, name }]
    return placesOf(zone, row).map((frame, i) => ({
      zone,
      at: middle(frame),
      frame,
      name: `${name}, place ${i + 1} of ${row.count}`,
    }))
  })
}
