import { newId } from '@/api/id'
import type { AnswerKey, Edit, Item, Page, ZoneRule } from '@/api/schema'
import type { Decision } from './answerKey'
import { idsOf, traitsOf, withTraits, zonesIn } from '@/page/items'

/** Items on their way to another place: the things themselves and what the answer key says of them. */
export interface Taken {
  items: Item[]
  decisions: AnswerKey['decisions']
  rules: AnswerKey['rules']
  facts?: AnswerKey['facts']
  typed?: AnswerKey['typed']
  /** Those that were on the same page may keep what was decided about zones that were not taken along. */
  pageId: string
}

export function taken(page: Page, ids: Iterable<string>, key: AnswerKey): Taken {
  const wanted = new Set(ids)
  const items = page.items.filter((item) => wanted.has(item.id))
  const zones = new Set(items.flatMap(zonesIn).map((zone) => zone.id))
  const decisions = Object.fromEntries(
    Object.entries(key.decisions)
      .map(([zone, row]) => [
        zone,
        Object.fromEntries(Object.entries(row).filter(([piece]) => wanted.has(piece) || zones.has(zone))),
      ])
      .filter(([, row]) => Object.keys(row as object).length > 0),
  )
  const rules = Object.fromEntries(Object.entries(key.rules).filter(([zone]) => zones.has(zone)))
  return { items, decisions, rules, facts: of(key.facts), typed: of(key.typed), pageId: page.id }

  function of<T>(all: Record<string, T> | undefined): Record<string, T> {
    return Object.fromEntries(Object.entries(all ?? {}).filter(([id]) => wanted.has(id)))
  }
}

/** The same items under ids of their own, so that they may stand beside the first ones. */
export function renewed(items: Item[]): { items: Item[]; ids: Map<string, string> } {
  const ids = new Map<string, string>()
  const groups = new Map<string, string>()
  items.flatMap(idsOf).forEach((id) => ids.set(id, newId()))
  items
    .flatMap((item) => traitsOf(item).groups)
    .forEach((group) => groups.set(group, groups.get(group) ?? newId()))
  return { items: items.map((item) => one(item)), ids }

  function one(item: Item): Item {
    const own = withTraits(item, {
      ...traitsOf(item),
      groups: traitsOf(item).groups.map((group) => groups.get(group)!),
    })
    const id = ids.get(item.id)!
    if (own.kind === 'table') {
      const cells = own.cells.map((row) =>
        row.map((cell) => (cell.zoneId ? { ...cell, zoneId: ids.get(cell.zoneId)! } : cell)),
      )
      return { ...own, id, cells }
    }
    if (own.kind === 'line') {
      const { from, to, ...look } = own.look
      const joins = {
        ...(from && ids.has(from) ? { from: ids.get(from)! } : {}),
        ...(to && ids.has(to) ? { to: ids.get(to)! } : {}),
      }
      return { ...own, id, look: { ...look, ...joins } }
    }
    return { ...own, id }
  }
}

/** Gaps are told apart by their names alone, so a copy has a name of its own: Gap 1, Gap 2. */
function namedApart(items: Item[], page: Page): Item[] {
  const names = new Set(page.items.map((item) => item.description))
  return items.map((item) => {
    if (item.kind !== 'gap' || !item.description || !names.has(item.description)) return item
    const [, stem = '', digits] = /^(.*?)\s*(\d{1,6})?$/s.exec(item.description) ?? []
    let n = digits ? Number(digits) + 1 : 2
    while (names.has(`${stem} ${n}`.trim())) n++
    const description = `${stem} ${n}`.trim().slice(0, 300)
    names.add(description)
    return { ...item, description }
  })
}

/** The edits that put items on a page, on top of what lies there, with what the key says of them. */
export function putting(what: Taken, page: Page, dx: number, dy: number): { edits: Edit[]; ids: string[] } {
  const { items: same, ids } = renewed(what.items)
  const items = namedApart(same, page)
  const edits: Edit[] = items.map((item, i) => ({
    kind: 'add-item',
    pageId: page.id,
    index: page.items.length + i,
    item: { ...item, frame: { ...item.frame, x: item.frame.x + dx, y: item.frame.y + dy } } as Item,
  }))
  const there = new Set(what.pageId === page.id ? page.items.flatMap(idsOf) : [])
  for (const [zone, row] of Object.entries(what.decisions)) {
    for (const [piece, decision] of Object.entries(row)) {
      const zoneId = ids.get(zone) ?? (there.has(zone) ? zone : null)
      const pieceId = ids.get(piece) ?? (there.has(piece) ? piece : null)
      const fresh = ids.has(zone) || ids.has(piece)
      if (zoneId && pieceId && fresh) {
        edits.push({ kind: 'decide', pageId: page.id, zoneId, pieceId, decision: decision as Decision })
      }
    }
  }
  for (const [zone, rule] of Object.entries(what.rules)) {
    const zoneId = ids.get(zone)
    if (zoneId) edits.push({ kind: 'set-rule', pageId: page.id, zoneId, rule: ruleOfCopies(rule, ids) })
  }
  for (const [piece, facts] of Object.entries(what.facts ?? {})) {
    const itemId = ids.get(piece)
    if (itemId) edits.push({ kind: 'set-facts', pageId: page.id, itemId, facts })
  }
  for (const [gap, typed] of Object.entries(what.typed ?? {})) {
    const itemId = ids.get(gap)
    if (itemId) edits.push({ kind: 'set-typed', pageId: page.id, itemId, typed })
  }
  return { edits, ids: items.map((item) => item.id) }
}

/** The same rule of a copied zone: where it names a piece that was copied too, the copy is meant. */
function ruleOfCopies(rule: ZoneRule, ids: Map<string, string>): ZoneRule {
  const { wants } = rule
  if (!wants) return rule
  const renamed = (all: Record<string, number>) =>
    Object.fromEntries(Object.entries(all).map(([id, n]) => [ids.get(id) ?? id, n]))
  return {
    ...rule,
    wants: {
      ...wants,
      ...(wants.counts ? { counts: renamed(wants.counts) } : {}),
      ...(wants.sequence ? { sequence: { ...wants.sequence, places: renamed(wants.sequence.places) } } : {}),
    },
  }
}

/** The edits that add a page like another. */
export function pageCopy(
  page: Page,
  key: AnswerKey,
  index: number,
  name: string,
): { edits: Edit[]; pageId: string } {
  const pageId = newId()
  const empty: Page = { ...page, id: pageId, name, items: [] }
  const all = taken(
    page,
    page.items.map((item) => item.id),
    key,
  )
  const { edits } = putting({ ...all, pageId: '' }, empty, 0, 0)
  return { edits: [{ kind: 'add-page', index, page: empty }, ...edits], pageId }
}

export const composite = (edits: Edit[]): Edit =>
  edits.length === 1 ? edits[0]! : ({ kind: 'composite', edits } as Edit)
