import type { AttemptState, Frame, Item, OtherSide } from '@/api/schema'
import { contains, PAGE, type Point } from './geometry'
import { sized } from './sized'
import { carriersOf, isPiece, isCopy, leads, originalOf, traitsOf, withTraits } from './items'

/** One thing of a page as it lies in somebody's attempt. */
export interface PlacedItem {
  /** The item, or the item that it is a copy of; with the frame it has now. */
  item: Item
  /** Its id in the attempt: that of the item, or of the copy. */
  id: string
  /** The piece that stands for its group, itself mostly. */
  lead: string
  over: boolean
  written: string
  /** A supply that copies come off. */
  source: boolean
}

export type Work = Pick<AttemptState, 'pieces' | 'over' | 'slid' | 'written' | 'spots'>

/** How far and where a cover is out of the way. */
export function slidFrame(item: Extract<Item, { kind: 'cover' }>, share: number): Frame {
  const { frame } = item
  const by = { LEFT: [-1, 0], RIGHT: [1, 0], UP: [0, -1], DOWN: [0, 1] }[item.direction] as [number, number]
  const r = (frame.turn * Math.PI) / 180
  const x = by[0] * frame.width * share
  const y = by[1] * frame.height * share
  return {
    ...frame,
    x: frame.x + x * Math.cos(r) - y * Math.sin(r),
    y: frame.y + x * Math.sin(r) + y * Math.cos(r),
  }
}

/** What is seen: hidden things show, and seen ones hide, once a spot has turned them. */
export function shownOf(items: Item[], spots: string[] | undefined = []): Item[] {
  const turned = new Set(spots)
  return items.filter((item) => Boolean(traitsOf(item).hidden) === turned.has(item.id))
}

/** What must stay on the page of a cover that is slid off it, in page units. */
const HOLD = 48

/** How far a cover can be slid, 0 to 1: all the way, unless nothing of it would stay on the page to pull it back by. */
export function farthestOf(item: Extract<Item, { kind: 'cover' }>): number {
  const seen = (share: number) => {
    const { x, y, width, height } = slidFrame(item, share)
    const hold = Math.min(HOLD, width, height)
    return x + width >= hold && y + height >= hold && x <= PAGE.width - hold && y <= PAGE.height - hold
  }
  if (seen(1)) return 1
  let [near, far] = [0, 1]
  for (let i = 0; i < 20; i++) {
    const middle = (near + far) / 2
    if (seen(middle)) near = middle
    else far = middle
  }
  return near
}

/** Everything on a page as an attempt has it, from the lowest to the topmost; copies lie above their supply. */
export function asDone(items: Item[], work: Work, sides: Record<string, OtherSide> = {}): PlacedItem[] {
  const lead = leads(items)
  const carriers = carriersOf(items)
  const byId = new Map(items.map((item) => [item.id, item]))
  const over = new Set(work.over ?? [])
  const copies = new Map<string, string[]>()
  for (const id of Object.keys(work.pieces)) {
    if (isCopy(id)) copies.set(originalOf(id), [...(copies.get(originalOf(id)) ?? []), id])
  }
  const all: PlacedItem[] = []
  for (const item of shownOf(items, work.spots)) {
    const leader = lead.get(item.id) ?? item.id
    const source = Boolean(traitsOf(item).supply) && isPiece(item)
    all.push(done(item, item.id, leader, source))
    const of = (copies.get(item.id) ?? []).sort((a, b) => work.pieces[a]!.putAt - work.pieces[b]!.putAt)
    for (const id of of) all.push(done(unsupplied(item), id, id, false))
  }
  return all

  function done(item: Item, id: string, leader: string, source: boolean): PlacedItem {
    const side = sides[id]
    const known =
      side && !traitsOf(item).otherSide ? withTraits(item, { ...traitsOf(item), otherSide: side }) : item
    return {
      item: sized(
        { ...known, frame: frameNow(item, id, leader, source) } as Item,
        leader === id && !source ? work.pieces[id]?.scale : undefined,
      ),
      id,
      lead: leader,
      over: over.has(id),
      written: work.written?.[id] ?? '',
      source,
    }
  }

  function frameNow(item: Item, id: string, leader: string, source: boolean): Frame {
    if (item.kind === 'cover') return slidFrame(item, work.slid?.[item.id] ?? 0)
    const carrier = item.kind === 'zone' ? carriers.get(item.id) : undefined
    const piece = work.pieces[carrier ?? leader]
    if (carrier && piece) return along(item.frame, byId.get(carrier)!.frame, piece)
    if (!piece || !isPiece(item) || source) return item.frame
    if (leader === id) return { ...item.frame, x: piece.x, y: piece.y, turn: piece.turn ?? item.frame.turn }
    return along(item.frame, byId.get(leader)!.frame, piece)
  }
}

/** As much further as something else is from its home. */
function along(frame: Frame, home: Frame, now: { x: number; y: number }): Frame {
  return { ...frame, x: frame.x + now.x - home.x, y: frame.y + now.y - home.y }
}

type Pieces = AttemptState['pieces']

/** The zones that move with a piece, and the pieces that lie in them, and so on. */
export function goesAlong(carriers: Map<string, string>, pieces: Pieces, id: string): Set<string> {
  const along = new Set<string>()
  const moving = [id]
  for (let next = moving.pop(); next !== undefined; next = moving.pop()) {
    for (const [zone, carrier] of carriers) {
      if (carrier !== next || along.has(zone)) continue
      along.add(zone)
      for (const [piece, at] of Object.entries(pieces)) {
        if (at.zoneId !== zone || along.has(piece)) continue
        along.add(piece)
        moving.push(piece)
      }
    }
  }
  return along
}

/** The pieces as they lie once one was put elsewhere: what lies in a zone that it carries goes with it. As core's Along. */
export function withAlong(items: Item[], pieces: Pieces, id: string, to: { x: number; y: number }): Pieces {
  const carriers = carriersOf(items)
  const from = pieces[id] ?? items.find((item) => item.id === id)?.frame
  if (!from || ![...carriers.values()].includes(id)) return pieces
  const now = { ...pieces }
  for (const one of goesAlong(carriers, pieces, id)) {
    const was = pieces[one]
    if (was) now[one] = { ...was, x: was.x + to.x - from.x, y: was.y + to.y - from.y }
  }
  return now
}

/** A copy is drawn as the thing itself, not as the heap it came from. */
function unsupplied(item: Item): Item {
  const { supply: _, ...rest } = traitsOf(item)
  return withTraits(item, rest)
}

/** The uppermost thing whose box, turned as it is, holds a point of the page; undefined for none. */
export const topmostAt = (drawn: PlacedItem[], at: Point): PlacedItem | undefined =>
  drawn.findLast(({ item }) => contains(item.frame, at))
