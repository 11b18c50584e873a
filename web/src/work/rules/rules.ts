import type { Frame, Item } from '@/api/schema'
import { isCopy, originalOf } from '@/page/items'

/** What a gesture needs to know of the rules between two replies; the server's core decides. */

/** A piece on a rail lies on its rail, wherever the finger is; as core's Movement.Rail. */
export function alongRail(home: Item, wanted: Frame): Frame {
  const { movement, frame } = home
  if (movement.kind !== 'rail') return wanted
  const middle = { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 }
  const from = { x: middle.x + movement.from.x, y: middle.y + movement.from.y }
  const d = { x: movement.to.x - movement.from.x, y: movement.to.y - movement.from.y }
  const at = { x: wanted.x + wanted.width / 2 - from.x, y: wanted.y + wanted.height / 2 - from.y }
  let share = Math.max(0, Math.min(1, (at.x * d.x + at.y * d.y) / (d.x * d.x + d.y * d.y)))
  if (movement.stops.length) {
    share = movement.stops.reduce((a, b) => (Math.abs(b - share) < Math.abs(a - share) ? b : a))
  }
  return {
    ...wanted,
    x: from.x + d.x * share - wanted.width / 2,
    y: from.y + d.y * share - wanted.height / 2,
  }
}

/** One step along a rail: to the next stop, or a tenth of its length. @param way 1 towards its end, -1 back */
export function stepOnRail(home: Item, now: Frame, way: 1 | -1): Frame {
  const { movement, frame } = home
  if (movement.kind !== 'rail') return now
  const m = { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 }
  const d = { x: movement.to.x - movement.from.x, y: movement.to.y - movement.from.y }
  const at = {
    x: now.x + now.width / 2 - m.x - movement.from.x,
    y: now.y + now.height / 2 - m.y - movement.from.y,
  }
  const share = (at.x * d.x + at.y * d.y) / (d.x * d.x + d.y * d.y)
  const stops = movement.stops.length ? [...movement.stops].sort((a, b) => a - b) : null
  const next = stops
    ? way > 0
      ? (stops.find((stop) => stop > share + 1e-6) ?? stops.at(-1)!)
      : (stops.findLast((stop) => stop < share - 1e-6) ?? stops[0]!)
    : Math.max(0, Math.min(1, share + way * 0.1))
  return {
    ...now,
    x: m.x + movement.from.x + d.x * next - now.width / 2,
    y: m.y + movement.from.y + d.y * next - now.height / 2,
  }
}

/** Where a rail lies on the page, with a short bar at each stop. */
export function railPath(item: Item): string {
  const { movement, frame } = item
  if (movement.kind !== 'rail') return ''
  const x = frame.x + frame.width / 2
  const y = frame.y + frame.height / 2
  const { from, to } = movement
  return `M${x + from.x} ${y + from.y}L${x + to.x} ${y + to.y}`
}

/** The id of the next copy of a supply: one more than the largest that is out. */
export function nextCopy(sourceId: string, ids: string[]): string {
  const numbers = ids
    .filter((id) => isCopy(id) && originalOf(id) === sourceId)
    .map((id) => Number(id.slice(id.indexOf('~') + 1)))
  return `${sourceId}~${Math.max(0, ...numbers) + 1}`
}
