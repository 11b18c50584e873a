import type { Ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Frame, Item } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { turned, type Point } from '@/page/geometry'
import type { Ahead } from './things'

/** Less than this is a tap, in degrees. */
const TAP = 3

/** The turn nearest to the one wanted that the piece may have; as core's Movement.Turns. @param step 0 for any */
export function nearestTurn(home: number, wanted: number, step: number): number {
  const turn = step ? home + Math.round((wanted - home) / step) * step : Math.round(wanted)
  return ((turn % 360) + 360) % 360
}

/** Beyond the tip of a line, so that the button does not cover it. */
const BEYOND = 46

/**
 * Where the button that turns a piece lies, from the left top corner of its unturned box: at its right top corner, or
 * beyond the tip of a line, as that of a clock hand.
 */
export function gripOf(item: Item): Point {
  const { width, height, turn } = item.frame
  const at = { x: width, y: 0 }
  const [from, to] = item.kind === 'line' ? item.look.points.slice(-2) : []
  if (from && to) {
    const by = { x: (to.x - from.x) * width, y: (to.y - from.y) * height }
    const long = Math.hypot(by.x, by.y) || 1
    at.x = to.x * width + (by.x / long) * BEYOND
    at.y = to.y * height + (by.y / long) * BEYOND
  }
  const out = turned({ x: at.x - width / 2, y: at.y - height / 2 }, turn)
  return { x: out.x + width / 2, y: out.y + height / 2 }
}

const angle = (from: Point, to: Point) => (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI

/** Turning a piece by its round button: dragged to any angle and either way; a tap turns it by one step. */
export function useTurning(page: {
  ahead: Ref<Ahead>
  pointAt(event: PointerEvent): Point
  put(one: PlacedItem, to: Frame, turn: number): Promise<void>
  tap(one: PlacedItem): void
  /** Where the whole piece lies of which a smaller one may be drawn. */
  whole(one: PlacedItem): Frame
}) {
  const { pull } = usePull()
  function grip(one: PlacedItem, event: PointerEvent) {
    if (event.button !== 0) return
    const { movement } = one.item
    const frame = page.whole(one)
    const home = frame.turn
    const middle = { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 }
    const from = angle(middle, page.pointAt(event))
    const step = (movement.kind === 'turns' && movement.step) || 0
    let now: number | null = null
    const letGo = () => {
      const rest = { ...page.ahead.value }
      delete rest[one.id]
      page.ahead.value = rest
    }
    const move = (event: PointerEvent) => {
      let by = angle(middle, page.pointAt(event)) - from
      by = ((by + 540) % 360) - 180
      if (now === null && Math.abs(by) < TAP) return
      now = nearestTurn(home, home + by, step)
      page.ahead.value = { ...page.ahead.value, [one.id]: { x: frame.x, y: frame.y, turn: now } }
    }
    const lift = () => {
      if (now === null) page.tap(one)
      else if (now === home) letGo()
      else void page.put(one, frame, now)
    }
    pull({ move, up: lift, cancel: letGo })
  }
  return grip
}
