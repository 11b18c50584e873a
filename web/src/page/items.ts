import { t } from '@/i18n'
import type { Frame, Item, Table, Traits, Zone } from '@/api/schema'
import { contains, middle, onPage, type Point } from './geometry'

/** What core's Item and Page know of items; for drawing and for gestures only. */
export const NO_TRAITS: Traits = { transparency: 0, groups: [] }
export const traitsOf = (item: Item): Traits => item.traits ?? NO_TRAITS
export const groupsOf = (item: Item): string[] => traitsOf(item).groups

export const isPiece = (item: Item) => item.movement.kind !== 'fixed'
/** Whether students could never move it as a piece. */
export const alwaysFixed = (item: Item) => ['zone', 'cover', 'gap', 'area', 'video'].includes(item.kind)

export function withTraits(item: Item, traits: Traits): Item {
  const { traits: _, ...rest } = item
  const none =
    traits.transparency === 0 &&
    traits.groups.length === 0 &&
    !traits.supply &&
    !traits.otherSide &&
    !traits.link &&
    !traits.opens &&
    !traits.unmarked &&
    !traits.hidden &&
    !traits.speech &&
    !traits.erasable &&
    !traits.reshapable
  return (none ? rest : { ...rest, traits }) as Item
}

const sum = (sizes: number[]) => sizes.reduce((a, b) => a + b, 0)

/** The box of a cell, turned as the table is. */
export function cellFrame(table: Table, row: number, column: number): Frame {
  const { frame } = table
  const across = frame.width / sum(table.columns)
  const down = frame.height / sum(table.rows)
  const width = Math.max(table.columns[column]! * across, 4)
  const height = Math.max(table.rows[row]! * down, 4)
  const left = sum(table.columns.slice(0, column)) * across
  const top = sum(table.rows.slice(0, row)) * down
  const at = onPage(frame, { x: left + width / 2, y: top + height / 2 })
  return { x: at.x - width / 2, y: at.y - height / 2, width, height, turn: frame.turn }
}

/** The row and the column of the cell that a point of the page lies in. */
export function cellAt(table: Table, at: Point): [number, number] | null {
  for (let row = 0; row < table.rows.length; row++) {
    for (let column = 0; column < table.columns.length; column++) {
      if (contains(cellFrame(table, row, column), at)) return [row, column]
    }
  }
  return null
}

const CELL_MARGIN = 8

/** A box of the same ratio in the middle of a cell, as large as there is room. */
export function fittedIn(cell: Frame, box: Frame): Frame {
  const room = (side: number) => Math.max(4, side - 2 * CELL_MARGIN)
  const scale = Math.min(room(cell.width) / box.width, room(cell.height) / box.height)
  const width = box.width * scale
  const height = box.height * scale
  const { x, y } = middle(cell)
  return { x: x - width / 2, y: y - height / 2, width, height, turn: cell.turn }
}

/** The drop zones that an item is or holds. */
export function zonesIn(item: Item): Zone[] {
  if (item.kind === 'zone') return [item]
  if (item.kind !== 'table') return []
  const zones: Zone[] = []
  item.cells.forEach((cells, r) =>
    cells.forEach((cell, c) => {
      if (cell.zoneId) {
        zones.push({
          kind: 'zone',
          id: cell.zoneId,
          frame: cellFrame(item, r, c),
          description: t('page.cell', {
            table: item.description || t('kind.table'),
            row: r + 1,
            column: c + 1,
          }),
          movement: { kind: 'fixed' },
          label: '',
        })
      }
    }),
  )
  return zones
}

export const zonesOf = (items: Item[]): Zone[] => items.flatMap(zonesIn)

/** The ids an item takes up: its own, and those of drop zones in its cells. */
export const idsOf = (item: Item): string[] => [
  ...new Set([item.id, ...zonesIn(item).map((zone) => zone.id)]),
]

/** Of the pieces in one group the lowest stands for all of them: item id to the id of the one it goes with. */
export function leads(items: Item[]): Map<string, string> {
  const lead = new Map<string, string>()
  const ofGroup = new Map<string, string>()
  for (const item of items) {
    if (!isPiece(item)) continue
    const group = groupsOf(item)[0]
    if (group && !ofGroup.has(group)) ofGroup.set(group, item.id)
    lead.set(item.id, group ? ofGroup.get(group)! : item.id)
  }
  return lead
}

/**
 * As core's Carriers: drop zone id to the piece that it moves with. A carried zone moves with the piece that stands for
 * its group, and the zones in the cells of a table that is a piece move with it.
 */
export function carriersOf(items: Item[]): Map<string, string> {
  const lead = leads(items)
  const byId = new Map(items.map((item) => [item.id, item]))
  const ofGroup = new Map<string, string>()
  for (const item of items) {
    const group = groupsOf(item)[0]
    const leader = lead.get(item.id)
    if (group && leader && !ofGroup.has(group)) ofGroup.set(group, leader)
  }
  const carriers = new Map<string, string>()
  for (const item of items) {
    const zones = zonesIn(item)
    if (!zones.length) continue
    const group = groupsOf(item)[0]
    const carried = item.kind === 'zone' && item.carried
    const id = carried ? group && ofGroup.get(group) : isPiece(item) ? lead.get(item.id) : undefined
    const carrier = id ? byId.get(id)! : undefined
    if (!carrier || traitsOf(carrier).supply || !['free', 'rail'].includes(carrier.movement.kind)) continue
    for (const zone of zones) carriers.set(zone.id, carrier.id)
  }
  return carriers
}

/** What students may move, each thing once. */
export function piecesOf(items: Item[]): Item[] {
  const lead = leads(items)
  return items.filter((item) => lead.get(item.id) === item.id)
}

/** The piece that an id of a copy came off; any other id is its own. */
export const originalOf = (id: string) => id.split('~')[0]!
export const isCopy = (id: string) => id.includes('~')
