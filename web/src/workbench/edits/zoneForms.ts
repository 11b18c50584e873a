import simplify from 'simplify-js'
import { newId } from '@/api/id'
import type { Edit, Frame, Item, Page, ZoneShape } from '@/api/schema'
import { onPage, PAGE, type Point } from '@/page/geometry'
import { traitsOf } from '@/page/items'
import { ownPoints, pathThrough } from '@/page/lines'
import { itemName } from '@/page/names'
import { framesOf, routeOf } from '@/page/connectors'
import { shapePath } from '@/page/shapes'
import { crossesItself, hull } from '@/page/zones'

type Zone = Extract<Item, { kind: 'zone' }>
type Shape = Extract<Item, { kind: 'shape' }>
type Line = Extract<Item, { kind: 'line' }>

/** Page units that the outline may lie beside what was drawn. */
const CLOSE = 4
const MOST_CORNERS = 300
const LEAST = 24
/** Places along a shape that is no box and no ellipse. */
const ALONG = 72

const share = (part: number, of: number) => Math.min(1, Math.max(0, Math.round((part / of) * 1e4) / 1e4))

/** The corners within a frame, as shares of it; where the line crosses itself, those of the outline around all. */
function polygon(corners: Point[], frame: Pick<Frame, 'x' | 'y' | 'width' | 'height'>): ZoneShape {
  const simple = crossesItself(corners) ? hull(corners) : corners
  return {
    kind: 'POLYGON',
    corners: simple.map((p) => ({
      x: share(p.x - frame.x, frame.width),
      y: share(p.y - frame.y, frame.height),
    })),
  }
}

/** Where somebody drew a zone by hand; null where it bounds next to nothing. */
export function drawnZone(drawn: Point[]): { frame: Frame; shape: ZoneShape } | null {
  const on = drawn.map(({ x, y }) => ({
    x: Math.min(PAGE.width, Math.max(0, x)),
    y: Math.min(PAGE.height, Math.max(0, y)),
  }))
  let corners = simplify(on, CLOSE, true)
  for (let close = CLOSE * 2; corners.length > MOST_CORNERS; close *= 2) corners = simplify(on, close, true)
  // Who ends where they began means one corner there, not two.
  const [first, last] = [corners[0]!, corners.at(-1)!]
  if (corners.length > 3 && Math.hypot(first.x - last.x, first.y - last.y) < 12)
    corners = corners.slice(0, -1)
  if (corners.length < 3) return null
  const x = Math.min(...corners.map((p) => p.x))
  const y = Math.min(...corners.map((p) => p.y))
  const width = Math.max(...corners.map((p) => p.x)) - x
  const height = Math.max(...corners.map((p) => p.y)) - y
  if (width < LEAST || height < LEAST) return null
  const frame = { x, y, width, height, turn: 0 }
  const shape = polygon(corners, frame)
  return area(shape.corners!) < 0.03 ? null : { frame, shape }
}

const area = (corners: Point[]) =>
  Math.abs(
    corners.reduce((sum, a, i) => {
      const b = corners[(i + 1) % corners.length]!
      return sum + a.x * b.y - b.x * a.y
    }, 0) / 2,
  )

/** The form of what is drawn, as that of a drop zone over it; undefined for a box. */
function formOf(item: Item): ZoneShape | undefined {
  if (item.kind === 'area') return polygon(item.outline, { x: 0, y: 0, width: 1, height: 1 })
  if (item.kind !== 'shape' || item.look.form === 'RECTANGLE') return undefined
  if (item.look.form === 'ELLIPSE') return { kind: 'ELLIPSE' }
  return polygon(alongShape(item), { x: 0, y: 0, width: item.frame.width, height: item.frame.height })
}

/** Places along a drawn shape, measured by the browser that draws it. */
function alongShape({ look, frame }: Shape): Point[] {
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
  path.setAttribute('d', shapePath(look.form, look.sides, frame.width, frame.height))
  const length = path.getTotalLength()
  const places = Array.from({ length: ALONG }, (_, i) => path.getPointAtLength((length * i) / ALONG))
  return simplify(
    places.map(({ x, y }) => ({ x, y })),
    0.5,
    true,
  )
}

/** Only what stays where it is: a drop zone does not move with a piece. */
export const mayTake = (item: Item) =>
  ['shape', 'picture', 'area', 'line'].includes(item.kind) &&
  ['fixed', 'free', 'rail'].includes(item.movement.kind) &&
  !traitsOf(item).supply

/** To either side of a line, in page units: as far as a finger is exact. */
const BESIDE_LINE = 40
const ALONG_LINE = 40

/** Where pieces lie that are dropped on a line: a band along it. Null where it is next to a point. */
function along(item: Line, page: Page): { frame: Frame; shape: ZoneShape } | null {
  const points = routeOf(item, framesOf(page.items))
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
  path.setAttribute('d', pathThrough(points ?? ownPoints(item), item.look.curved))
  const length = path.getTotalLength()
  const places = Array.from({ length: ALONG_LINE + 1 }, (_, i) => {
    const { x, y } = path.getPointAtLength((length * i) / ALONG_LINE)
    return points ? { x, y } : onPage(item.frame, { x, y })
  })
  return bandAlong(simplify(places, 1, true), item.look.thickness / 2 + BESIDE_LINE)
}

/** What lies as near as this to a line, with square ends, as somebody would draw around it. */
export function bandAlong(line: Point[], near: number): { frame: Frame; shape: ZoneShape } | null {
  if (line.length < 2) return null
  const sides = line.map((at, i) => {
    const [a, b] = [line[Math.max(0, i - 1)]!, line[Math.min(line.length - 1, i + 1)]!]
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1
    const by = { x: ((b.y - a.y) / long) * near, y: ((a.x - b.x) / long) * near }
    return [
      { x: at.x + by.x, y: at.y + by.y },
      { x: at.x - by.x, y: at.y - by.y },
    ] as const
  })
  return drawnZone([...sides.map(([left]) => left), ...sides.map(([, right]) => right).reverse()])
}

/**
 * What lets pieces be dropped on a thing that is there: an unseen drop zone of its form, in one group with it.
 * @param seen the outline of what is seen of a picture, as shares of its box; null for the whole box
 */
export function takingPieces(
  page: Page,
  item: Item,
  seen: Point[] | null = null,
): { edits: Edit[]; zone: Zone } {
  const group = traitsOf(item).groups[0] ?? newId()
  const zone: Zone = {
    kind: 'zone',
    id: newId(),
    frame: item.frame,
    description: itemName(item),
    movement: { kind: 'fixed' },
    label: '',
    look: { kind: 'HIDDEN' },
    traits: { ...NO_TRAITS, groups: [group] },
    carried: true,
  }
  const band = item.kind === 'line' ? along(item, page) : null
  const shape = band?.shape ?? (seen ? polygon(seen, { x: 0, y: 0, width: 1, height: 1 }) : formOf(item))
  if (band) zone.frame = band.frame
  if (shape) zone.shape = shape
  const edits: Edit[] = [
    {
      kind: 'add-item',
      pageId: page.id,
      index: page.items.findIndex((one) => one.id === item.id) + 1,
      item: zone,
    },
  ]
  if (!traitsOf(item).groups.length)
    edits.push({
      kind: 'set-traits',
      pageId: page.id,
      itemId: item.id,
      traits: { ...traitsOf(item), groups: [group] },
    })
  return { edits, zone }
}

const NO_TRAITS = traitsOf({ kind: 'zone' } as Item)
