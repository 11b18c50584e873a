import { newId } from '@/api/id'
import type { Edit, Ink, InkContent, Item, Note, Page } from '@/api/schema'
import type { components } from '@/api/schema'
import { drawnInto, inkWith, keptPoints, looped, scaleOf } from '@/gesture/ink'
import { contains, type Point } from '@/page/geometry'
import { onPageStrokes, type Drawn, type PageStroke, type StrokeStyle } from '@/page/ink'

/** What drawing, erasing and a lasso make of the inks on a page, as edits. */

export type Neat = components['schemas']['NeatShape']
/** Everything that bears ink: inks, and notes that were drawn on. */
export type InkBearer = Ink | (Note & { ink: InkContent })
export const inksOn = (page: Page) =>
  page.items.filter(
    (item): item is InkBearer => item.kind === 'ink' || (item.kind === 'note' && Boolean(item.ink)),
  )
export const strokesOf = (item: InkBearer): PageStroke[] => onPageStrokes(item.ink, item.frame)

/** An ink with other strokes in it; without any it goes. */
export function inkEdits(pageId: string, item: InkBearer, strokes: PageStroke[]): Edit[] {
  if (item.kind === 'note') return [{ kind: 'set-body', pageId, item: noteWith(item, strokes) }]
  if (strokes.length === 0) return [{ kind: 'remove-item', pageId, itemId: item.id }]
  const { ink, frame } = inkWith(item.ink, item.frame, strokes)
  return [
    { kind: 'set-body', pageId, item: { ...item, ink } },
    { kind: 'set-frame', pageId, itemId: item.id, frame },
  ]
}

/** A note with other strokes on it: they lie as they do on its slip, so they go where it goes. */
function noteWith(note: Note, strokes: PageStroke[]): Note {
  const { ink, ...bare } = note
  if (strokes.length === 0) return bare
  const { width, height } = ink ?? note.frame
  const kept = strokes.map(({ stroke, own }) => ({ ...stroke, points: keptPoints(own, { x: 0, y: 0 }) }))
  return { ...bare, ink: { width, height, strokes: kept } }
}

/** A note on which more was drawn. */
export function drawnOn(note: Note, style: StrokeStyle, parts: Drawn[][]): Note {
  const space = note.ink ?? note.frame
  const scale = scaleOf(space, note.frame)!
  const more = parts.map((points) => drawnInto(note.frame, scale, style, points))
  return noteWith(note, [...(note.ink ? strokesOf({ ...note, ink: note.ink }) : []), ...more])
}

/** The note that a stroke was drawn on, if it lies wholly on one. */
export const noteUnder = (page: Page, drawn: Point[]): Note | undefined =>
  [...page.items].reverse().find(
    (item): item is Note =>
      item.kind === 'note' &&
      // On one that was stretched a stroke would be drawn stretched.
      scaleOf(item.ink ?? item.frame, item.frame) !== null &&
      drawn.every((point) => contains(item.frame, point)),
  )

/** The inks within a lasso's loop, and the edits that make them so: where only some strokes of an ink are in it, those become an ink of their own. */
export function lassoed(page: Page, way: Point[]): { edits: Edit[]; chosen: string[] } {
  const edits: Edit[] = []
  const chosen: string[] = []
  for (const item of inksOn(page)) {
    const all = strokesOf(item)
    const inside = all.filter((one) => looped(way, one.points))
    // Ink on a note goes with the note.
    if (inside.length === 0 || item.kind === 'note') continue
    if (inside.length === all.length) {
      chosen.push(item.id)
      continue
    }
    edits.push(
      ...inkEdits(
        page.id,
        item,
        all.filter((one) => !inside.includes(one)),
      ),
    )
    const id = newId()
    const { ink, frame } = inkWith(item.ink, item.frame, inside)
    edits.push({
      kind: 'add-item',
      pageId: page.id,
      index: page.items.length,
      item: { ...item, id, ink, frame },
    })
    chosen.push(id)
  }
  return { edits, chosen }
}
/** The shape or line that a stroke looks like, in the stroke's colour and width. */
export function neatItem(neat: Neat, style: StrokeStyle): Item {
  const common = { id: newId(), movement: { kind: 'fixed' } as const, description: '' }
  const { width: thickness, colour, dash } = style
  if (neat.kind === 'LINE' || neat.kind === 'ARROW') {
    const [from, to] = neat.ends as [Point, Point]
    const { frame } = neat
    const share = (p: Point) => ({ x: (p.x - frame.x) / frame.width, y: (p.y - frame.y) / frame.height })
    return {
      kind: 'line',
      ...common,
      frame,
      look: {
        points: [share(from), share(to)],
        curved: false,
        colour,
        thickness,
        dash,
        start: 'PLAIN',
        end: neat.kind === 'ARROW' ? 'ARROW' : 'PLAIN',
      },
    }
  }
  return {
    kind: 'shape',
    ...common,
    frame: neat.frame,
    look: { form: neat.kind, sides: Math.max(3, neat.sides), outline: colour, thickness, dash },
  }
}
