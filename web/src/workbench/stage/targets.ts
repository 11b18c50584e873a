import { t } from '@/i18n'
import { newId } from '@/api/id'
import type { Edit, Item, Page } from '@/api/schema'
import { PAGE, type Point } from '@/page/geometry'
import { traitsOf } from '@/page/items'

/** How far a target reaches from its middle, in page units: as far as a finger is exact. */
export const REACH = 44
/** A shorter line than this is no line, but a click. */
const SHORT = 24
const INK = '#1c2b33'

/**
 * What puts a target on a picture: a small round drop zone, and where it lies aside a line from it to what it means. All
 * is in one group with the picture. @param tip what is meant @param at where the target lies
 */
export function targetAt(
  page: Page,
  picture: Item,
  tip: Point,
  at: Point,
): { edits: Edit[]; zoneId: string } {
  const group = traitsOf(picture).groups[0] ?? newId()
  const number =
    page.items.filter((item) => item.kind === 'zone' && traitsOf(item).groups[0] === group).length + 1
  const traits = { ...traitsOf({ kind: 'zone' } as Item), groups: [group] }
  const far = Math.hypot(at.x - tip.x, at.y - tip.y) > REACH + SHORT
  const middle = far ? at : tip
  const x = Math.min(PAGE.width - 2 * REACH, Math.max(0, middle.x - REACH))
  const y = Math.min(PAGE.height - 2 * REACH, Math.max(0, middle.y - REACH))
  const zone: Item = {
    kind: 'zone',
    id: newId(),
    frame: { x, y, width: 2 * REACH, height: 2 * REACH, turn: 0 },
    // What is read out, and tells nothing of what belongs there.
    description: t('workbench.place-number', { n: number }),
    movement: { kind: 'fixed' },
    label: '',
    shape: { kind: 'ELLIPSE' },
    look: { kind: 'LINE', colour: INK, fill: '#ffffff' },
    traits,
  }
  const edits: Edit[] = []
  let index = page.items.length
  const add = (item: Item) => edits.push({ kind: 'add-item', pageId: page.id, index: index++, item })
  add(zone)
  if (far) add(leader(tip, zone, traits))
  if (!traitsOf(picture).groups.length)
    edits.push({
      kind: 'set-traits',
      pageId: page.id,
      itemId: picture.id,
      traits: { ...traitsOf(picture), groups: [group] },
    })
  return { edits, zoneId: zone.id }
}

/** From what is meant to the target, joined to it: whoever moves the target aside moves only that end. */
function leader(tip: Point, zone: Item, traits: ReturnType<typeof traitsOf>): Item {
  const end = { x: zone.frame.x + REACH, y: zone.frame.y + REACH }
  const [left, top] = [Math.min(tip.x, end.x), Math.min(tip.y, end.y)]
  const width = Math.max(4, Math.abs(tip.x - end.x))
  const height = Math.max(4, Math.abs(tip.y - end.y))
  const share = (p: Point) => ({ x: (p.x - left) / width, y: (p.y - top) / height })
  return {
    kind: 'line',
    id: newId(),
    frame: { x: left, y: top, width, height, turn: 0 },
    movement: { kind: 'fixed' },
    description: '',
    traits,
    look: {
      points: [share(tip), share(end)],
      curved: false,
      colour: INK,
      thickness: 4,
      dash: 'SOLID',
      start: 'DOT',
      end: 'PLAIN',
      to: zone.id,
    },
  }
}
