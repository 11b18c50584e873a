import type { Frame } from '@/api/schema'
import { middle, turned, type Point } from '@/page/geometry'

/** What a teacher does to a box on the page by pointer: move it, pull a corner, turn it. Page units throughout. */
export type Grip = 'move' | 'nw' | 'ne' | 'se' | 'sw' | 'n' | 'e' | 's' | 'w' | 'turn'

const LEAST = 12
const STEP = 15

/** A corner's or a side's direction from the middle. */
const CORNERS = {
  nw: { x: -1, y: -1 },
  ne: { x: 1, y: -1 },
  se: { x: 1, y: 1 },
  sw: { x: -1, y: 1 },
  n: { x: 0, y: -1 },
  e: { x: 1, y: 0 },
  s: { x: 0, y: 1 },
  w: { x: -1, y: 0 },
}

/**
 * The frame after a grip was pulled.
 *
 * @param ratio keep the ratio of its sides
 * @param steps turn by steps of 15 degrees
 */
export function pulled(
  frame: Frame,
  grip: Grip,
  from: Point,
  to: Point,
  ratio: boolean,
  steps: boolean,
): Frame {
  const by = { x: to.x - from.x, y: to.y - from.y }
  if (grip === 'move') return { ...frame, x: frame.x + by.x, y: frame.y + by.y }
  if (grip === 'turn') return { ...frame, turn: turnTo(frame, to, steps) }
  // A side is pulled by itself, whatever the ratio.
  return resized(frame, CORNERS[grip], by, ratio && grip.length === 2)
}

function turnTo(frame: Frame, to: Point, steps: boolean) {
  const m = middle(frame)
  const degrees = (Math.atan2(to.x - m.x, m.y - to.y) * 180) / Math.PI
  const turn = steps ? Math.round(degrees / STEP) * STEP : Math.round(degrees)
  return (turn + 360) % 360
}

/** The corner across stays where it is, however the box is turned. */
function resized(frame: Frame, corner: Point, by: Point, ratio: boolean): Frame {
  const local = turned(by, -frame.turn)
  let width = Math.max(LEAST, frame.width + corner.x * local.x)
  let height = Math.max(LEAST, frame.height + corner.y * local.y)
  if (ratio) {
    const scale = Math.max(
      width / frame.width,
      height / frame.height,
      LEAST / Math.min(frame.width, frame.height),
    )
    width = frame.width * scale
    height = frame.height * scale
  }
  const grown = { x: (corner.x * (width - frame.width)) / 2, y: (corner.y * (height - frame.height)) / 2 }
  const shift = turned(grown, frame.turn)
  const m = middle(frame)
  return { ...frame, width, height, x: m.x + shift.x - width / 2, y: m.y + shift.y - height / 2 }
}
