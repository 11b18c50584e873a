import simplify from 'simplify-js'
import { newId } from '@/api/id'
import type { Edit, Frame, Item, Page, ZoneShape } from '@/api/types'
import { PAGE, type Point } from '@/page/geometry'
import { ways } from '@/page/items'
import { itemName } from '@/page/names'
import { shapePath } from '@/page/shapes'
import { crossesItself, hull } from '@/page/zones'

type Zone = Extract<Item, { kind: 'zone' }>
type Shape = Extract<Item, { kind: 'shape' }>

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
  ['shape', 'picture', 'area'].includes(item.kind) && item.movement.kind === 'fixed'

/** What lets pieces be dropped on a thing that is there: an unseen drop zone of its form, in one group with it. */
export function takingPieces(page: Page, item: Item): { edits: Edit[]; zone: Zone } {
  const group = ways(item).groups[0] ?? newId()
  const zone: Zone = {
    kind: 'zone',
    id: newId(),
    frame: item.frame,
    description: itemName(item),
    movement: { kind: 'fixed' },
    label: '',
    look: { kind: 'HIDDEN' },
    traits: { ...NO_TRAITS, groups: [group] },
  }
  const shape = formOf(item)
  if (shape) zone.shape = shape
  const edits: Edit[] = [
    {
      kind: 'add-item',
      pageId: page.id,
      index: page.items.findIndex((one) => one.id === item.id) + 1,
      item: zone,
    },
  ]
  if (!ways(item).groups.length)
    edits.push({
      kind: 'set-traits',
      pageId: page.id,
      itemId: item.id,
      traits: { ...ways(item), groups: [group] },
    })
  return { edits, zone }
}

const NO_TRAITS = ways({ kind: 'zone' } as Item)
