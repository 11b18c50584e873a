import simplify from 'simplify-js'
import { newId } from '@/api/id'
import type { Item } from '@/api/schema'
import { PAGE, type Point } from '@/page/geometry'

/** Page units that the outline may lie beside what was drawn. */
const CLOSE = 3
const LEAST = 24
const MOST_CORNERS = 400
const USUAL = { width: 240, height: 180 }

type HotArea = Extract<Item, { kind: 'area' }>

/** A hot area as it was drawn; where only a point was, an upright box of a usual size around it. */
export function areaAround(drawn: Point[]): HotArea {
  const on = drawn.map(({ x, y }) => ({
    x: Math.min(PAGE.width, Math.max(0, x)),
    y: Math.min(PAGE.height, Math.max(0, y)),
  }))
  let corners = simplify(on, CLOSE, true)
  for (let close = CLOSE * 2; corners.length > MOST_CORNERS; close *= 2) corners = simplify(on, close, true)
  const left = Math.min(...on.map((p) => p.x))
  const top = Math.min(...on.map((p) => p.y))
  const width = Math.max(...on.map((p) => p.x)) - left
  const height = Math.max(...on.map((p) => p.y)) - top
  if (corners.length < 3 || width < LEAST || height < LEAST) return boxed(on[0]!)
  return {
    ...bare,
    id: newId(),
    frame: { x: left, y: top, width, height, turn: 0 },
    outline: corners.map((p) => ({ x: share(p.x - left, width), y: share(p.y - top, height) })),
  }
}

const bare = { kind: 'area', description: '', movement: { kind: 'fixed' } } as const
const share = (part: number, of: number) => Math.min(1, Math.max(0, Math.round((part / of) * 1e4) / 1e4))

function boxed(at: Point): HotArea {
  const x = Math.min(PAGE.width - USUAL.width, Math.max(0, at.x - USUAL.width / 2))
  const y = Math.min(PAGE.height - USUAL.height, Math.max(0, at.y - USUAL.height / 2))
  const outline = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 1, y: 1 },
    { x: 0, y: 1 },
  ]
  return { ...bare, id: newId(), frame: { x, y, ...USUAL, turn: 0 }, outline }
}
