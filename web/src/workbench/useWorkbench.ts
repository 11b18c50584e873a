import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { newId } from '@/api/id'
import type { Edit, Frame, Item, Movement, Page, Traits, WordContent } from '@/api/schema'
import type { Arrangement } from '@/page/arrange'
import { around, middle, PAGE, type Point } from '@/page/geometry'
import { alwaysFixed, cellAt, cellFrame, fittedIn, groupsOf, traitsOf } from '@/page/items'
import { fitSaid, inBoxOf, relaid, startOf, type Said } from '@/page/wordFit'
import { keepItems, keptItems } from '@/workbench/edits/clipboard'
import { putting, taken, composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import type { Writer } from './words/writer'

export type Tool =
  | { is: 'hand' }
  | { is: 'pen' | 'highlighter'; name: string }
  | { is: 'eraser' | 'stroke-eraser' | 'lasso' }
  /** Drawing around a part of the page: a hot area, or the outline of a drop zone that is there. */
  | { is: 'area'; zoneId?: string }
  /** Putting targets on a picture, one after another. */
  | { is: 'targets'; pictureId: string }
  | { is: 'place'; make: (at: Point) => Item }

/** What is being written in: an item, or a cell of a table. */
export interface Writing {
  id: string
  cell?: [number, number]
}

/** Where a copy goes that nothing else is known of. */
const BESIDE = { x: 40, y: 40 }

/** What is selected on a page, and everything that can be done with it. */
export function makeBench(editing: Editing, page: Ref<Page>) {
  const chosen = ref<string[]>([])
  const writing = ref<Writing | null>(null)
  const writer = shallowRef<Writer | null>(null)
  const tool = ref<Tool>({ is: 'hand' })
  /** Items that are drawn elsewhere for the moment. */
  const veiled = shallowRef<ReadonlySet<string>>(new Set())
  let lastOffset = BESIDE

  const byId = computed(() => new Map(page.value.items.map((item) => [item.id, item])))
  /** In the order of depth, the lowest first. */
  const selected = computed(() => {
    const wanted = new Set(chosen.value)
    return page.value.items.filter((item) => wanted.has(item.id))
  })
  const only = computed(() => (selected.value.length === 1 ? selected.value[0]! : null))
  const pageId = computed(() => page.value.id)

  watch(pageId, () => {
    chosen.value = []
    writing.value = null
  })

  /** Takes a tool in hand. */
  const take = (to: Tool) => (tool.value = to)
  const veil = (ids: Iterable<string>) => (veiled.value = new Set(ids))
  const writesWith = (now: Writer | null) => (writer.value = now)
  const edit = (made: Edit) => editing.edit(made)
  const all = (edits: Edit[]) => (edits.length === 0 ? false : edit(composite(edits)))

  /** Everything that belongs to the outermost groups of these. */
  function withGroups(ids: string[]): string[] {
    const groups = new Set(ids.map((id) => groupsOf(byId.value.get(id)!)[0]).filter(Boolean))
    const own = new Set(ids)
    return page.value.items
      .filter((item) => own.has(item.id) || (groupsOf(item)[0] && groups.has(groupsOf(item)[0]!)))
      .map((item) => item.id)
  }

  function select(ids: string[], how: 'only' | 'toggle' | 'add' | 'inside' = 'only') {
    const wanted = how === 'inside' ? ids : withGroups(ids)
    if (how === 'toggle') {
      const there = wanted.every((id) => chosen.value.includes(id))
      chosen.value = there
        ? chosen.value.filter((id) => !wanted.includes(id))
        : [...new Set([...chosen.value, ...wanted])]
    } else if (how === 'add') chosen.value = [...new Set([...chosen.value, ...wanted])]
    else chosen.value = wanted
  }
  const selectAll = () => (chosen.value = page.value.items.map((item) => item.id))

  /** A new item, and the one of its kind that was in hand before it. */
  const offered = shallowRef<{ id: string; like: string } | null>(null)
  const inHand = new Map<Item['kind'], string>()
  watch(only, (item) => item && inHand.set(item.kind, item.id))

  function add(item: Item, write = false) {
    const like = inHand.get(item.kind)
    if (!edit({ kind: 'add-item', pageId: pageId.value, index: page.value.items.length, item })) return
    offered.value = like ? { id: item.id, like } : null
    chosen.value = [item.id]
    if (write) writing.value = { id: item.id }
  }

  /** Several at once, as one step. */
  function addAll(items: Item[]) {
    const index = page.value.items.length
    const edits = items.map((item, i): Edit => ({
      kind: 'add-item',
      pageId: pageId.value,
      index: index + i,
      item,
    }))
    if (all(edits)) chosen.value = items.map((item) => item.id)
  }

  function remove() {
    const ids = chosen.value
    if (all(ids.map((itemId) => ({ kind: 'remove-item', pageId: pageId.value, itemId })))) chosen.value = []
  }

  const setFrame = (itemId: string, frame: Frame) =>
    edit({ kind: 'set-frame', pageId: pageId.value, itemId, frame })

  function moveBy(dx: number, dy: number) {
    const itemIds = chosen.value
    if (itemIds.length === 0 || (dx === 0 && dy === 0)) return
    if (only.value)
      setFrame(only.value.id, { ...only.value.frame, x: only.value.frame.x + dx, y: only.value.frame.y + dy })
    else
      edit({
        kind: 'transform',
        pageId: pageId.value,
        itemIds,
        by: { about: { x: 0, y: 0 }, scale: 1, turn: 0, dx, dy },
      })
  }

  /** Several moved, turned and scaled as one. */
  const transform = (by: Extract<Edit, { kind: 'transform' }>['by']) =>
    edit({
      kind: 'transform',
      pageId: pageId.value,
      itemIds: selected.value.map((item) => item.id),
      by,
    })

  /** What was moved by hand is let go: a picture over a cell of a table fits itself to the cell. */
  function putDown(dx: number, dy: number, fits: boolean) {
    const item = only.value
    if (fits && item?.kind === 'picture') {
      const at = middle({ ...item.frame, x: item.frame.x + dx, y: item.frame.y + dy })
      const cell = page.value.items
        .filter((one) => one.kind === 'table')
        .reverse()
        .map((table) => ({ table, cell: cellAt(table, at) }))
        .find((one) => one.cell)
      if (cell?.cell) {
        setFrame(item.id, fittedIn(cellFrame(cell.table, ...cell.cell), item.frame))
        return
      }
    }
    moveBy(dx, dy)
  }

  const arrange = (how: Arrangement) =>
    edit({ kind: 'arrange', pageId: pageId.value, itemIds: selected.value.map((item) => item.id), how })

  /** To the top, one up, one down, to the bottom; several keep their own order. */
  function depth(how: 'top' | 'up' | 'down' | 'bottom') {
    const items = page.value.items
    const mine = new Set(chosen.value)
    const rest = items.filter((item) => !mine.has(item.id))
    const own = selected.value
    if (own.length === 0) return
    const lowest = items.indexOf(own[0]!)
    const highest = items.indexOf(own[own.length - 1]!)
    const below = items.slice(0, lowest).filter((item) => !mine.has(item.id)).length
    const above = items.slice(0, highest + 1).filter((item) => !mine.has(item.id)).length
    const at = { top: rest.length, up: above + 1, down: below - 1, bottom: 0 }[how]
    const place = Math.max(0, Math.min(rest.length, at))
    const wanted = [...rest.slice(0, place), ...own, ...rest.slice(place)]
    const edits: Edit[] = []
    const now = [...items]
    wanted.forEach((item, index) => {
      if (now[index] === item) return
      now.splice(now.indexOf(item), 1)
      now.splice(index, 0, item)
      edits.push({ kind: 'move-depth', pageId: pageId.value, itemId: item.id, index })
    })
    all(edits)
  }

  const setTraits = (change: (traits: Traits, item: Item) => Traits) =>
    all(
      selected.value.map((item) => ({
        kind: 'set-traits',
        pageId: pageId.value,
        itemId: item.id,
        traits: change(traitsOf(item), item),
      })),
    )

  function group() {
    if (selected.value.length < 2) return
    const id = newId()
    const count = selected.value.length
    // A drop zone moves with the piece it is grouped with, as a boat's hold does.
    const grouping = selected.value.flatMap((item): Edit[] => {
      const traits = { ...traitsOf(item), groups: [id, ...groupsOf(item)] }
      const joined: Edit = { kind: 'set-traits', pageId: pageId.value, itemId: item.id, traits }
      return item.kind === 'zone' && !item.carried
        ? [joined, { kind: 'set-body', pageId: pageId.value, item: { ...item, carried: true } }]
        : [joined]
    })
    if (all(grouping)) editing.note(`${count} things are one group now. They move together.`)
  }
  function ungroup() {
    const there = grouped.value
    if (setTraits((traits) => ({ ...traits, groups: traits.groups.slice(1) })) && there)
      editing.note('The group is parted. Each thing moves by itself.')
  }
  const grouped = computed(() => selected.value.some((item) => groupsOf(item).length > 0))

  const setMovement = (movement: Movement) =>
    all(
      selected.value
        .filter((item) => !alwaysFixed(item))
        .map((item) => ({ kind: 'set-movement', pageId: pageId.value, itemId: item.id, movement })),
    )

  /** Changes the look and contents of whatever is selected and has them. */
  function setBodies(change: (item: Item) => Item | null) {
    all(
      selected.value.flatMap((item): Edit[] => {
        const changed = change(item)
        return changed ? [{ kind: 'set-body', pageId: pageId.value, item: changed }] : []
      }),
    )
  }
  const setBody = (item: Item) => edit({ kind: 'set-body', pageId: pageId.value, item })

  function takeAlong() {
    const what = taken(page.value, chosen.value, editing.activity.value.key)
    if (what.items.length > 0 && !keepItems(what)) {
      editing.tell('That is too much to copy at once. Nothing changed. Copy a part of it.')
    }
  }
  function cut() {
    takeAlong()
    remove()
  }

  /** @param inPlace where it lay; else a little beside what it was copied from. */
  function paste(inPlace: boolean) {
    const what = keptItems()
    if (!what || what.items.length === 0) return
    const same = what.pageId === pageId.value && !inPlace
    put(what, same ? lastOffset : { x: 0, y: 0 })
  }

  function duplicate() {
    if (chosen.value.length === 0) return
    const what = taken(page.value, chosen.value, editing.activity.value.key)
    // A row of copies goes on at its distance; another thing begins beside itself.
    const goesOn = chosen.value.every((id) => duplicated.value?.ids.includes(id))
    put(what, goesOn && onThePage(what.items, lastOffset) ? lastOffset : BESIDE)
  }

  /** A row of copies ends at the edge of the page: none is made where nobody would see it. */
  function onThePage(items: Item[], by: Point) {
    const box = around(items.map((item) => item.frame))
    return (
      box.right + by.x > 0 &&
      box.left + by.x < PAGE.width &&
      box.bottom + by.y > 0 &&
      box.top + by.y < PAGE.height
    )
  }

  function put(what: ReturnType<typeof taken>, by: Point) {
    const { edits, ids } = putting(what, page.value, by.x, by.y)
    if (all(edits)) {
      chosen.value = ids
      duplicated.value = { of: what.items[0]!.frame, ids }
    }
  }

  /** Where the last copy was moved to is where the next one goes. */
  const duplicated = shallowRef<{ of: Frame; ids: string[] } | null>(null)
  watch(
    () => (duplicated.value ? byId.value.get(duplicated.value.ids[0]!)?.frame : null),
    (frame) => {
      const of = duplicated.value?.of
      if (frame && of) lastOffset = { x: frame.x - of.x, y: frame.y - of.y }
    },
  )

  /** An item was pulled to another box; its words are broken anew for another width. */
  function pulledTo(item: Item, frame: Frame, resized: boolean) {
    const at = { pageId: pageId.value, itemId: item.id }
    if (item.kind === 'words' && resized) {
      const fit = relaid(item.content, {}, frame.width)
      const { content, height } = fit
      edit({ kind: 'set-words', ...at, content, frame: { ...frame, height } })
      return
    }
    const set: Edit = { kind: 'set-frame', ...at, frame }
    if ((item.kind === 'note' || item.kind === 'shape') && resized && item.words) {
      const words = relaid(item.words, {}, frame.width - (item.kind === 'note' ? 28 : 0)).content
      all([set, { kind: 'set-body', pageId: pageId.value, item: { ...item, words } }])
    } else edit(set)
  }

  // Writing ----------------------------------------------------------------------------------------------------------

  /** The words of an item or a cell, and the box on the page they lie in. */
  function wordsOf(
    where: Writing,
  ): { content: WordContent; frame: Frame; wraps: boolean; middle: boolean } | null {
    const item = byId.value.get(where.id)
    if (!item) return null
    const style = page.value.words ?? { size: 40, bold: false, colour: '#1f2d33', align: 'CENTRE' as const }
    const blank = fitSaid({ text: '', style: { ...style, align: 'CENTRE' } }, null).content
    switch (item.kind) {
      case 'words':
        return { content: item.content, frame: item.frame, wraps: item.content.wraps, middle: false }
      case 'note':
        return { content: item.words, frame: item.frame, wraps: true, middle: false }
      case 'shape':
        return { content: item.words ?? blank, frame: item.frame, wraps: true, middle: true }
      case 'table': {
        const [r, c] = where.cell ?? [0, 0]
        const cell = item.cells[r]?.[c]
        if (!cell) return null
        const frame = cellFrame(item, r, c)
        const small = { ...blank, style: { ...blank.style, size: Math.min(36, blank.style.size) } }
        return { content: cell.words ?? small, frame, wraps: true, middle: true }
      }
      default:
        return null
    }
  }
  const canWrite = (item: Item) => ['words', 'note', 'shape', 'table'].includes(item.kind)

  function write(where: Writing | null) {
    writing.value = where && wordsOf(where) ? where : null
  }

  /** Keeps what was written; a box of words in which nothing stands goes away. */
  function written(where: Writing, said: Said) {
    if (writing.value === where) writing.value = null
    const item = byId.value.get(where.id)
    if (!item) return
    const blank = said.text.trim() === ''
    if (item.kind === 'words') {
      if (blank) {
        edit({ kind: 'remove-item', pageId: pageId.value, itemId: item.id })
        chosen.value = []
        return
      }
      setWords(item, said)
    } else if (item.kind === 'note') {
      const words = fitSaid(said, item.frame.width - 28).content
      if (differs(words, item.words)) setBody({ ...item, words })
    } else if (item.kind === 'shape') {
      const { words: _, ...bare } = item
      const words = fitSaid(said, item.frame.width).content
      if (blank) {
        if (item.words) setBody(bare)
      } else if (!item.words || differs(words, item.words)) setBody({ ...item, words })
    } else if (item.kind === 'table' && where.cell) {
      const [r, c] = where.cell
      const { words: _, ...bare } = item.cells[r]![c]!
      const fit = fitSaid(said, cellFrame(item, r, c).width)
      const cell = blank ? bare : { ...bare, words: fit.content }
      setCell(item, r, c, cell)
    }
  }
  const differs = (a: WordContent, b: WordContent) => JSON.stringify(a) !== JSON.stringify(b)

  function setCell(
    item: Extract<Item, { kind: 'table' }>,
    r: number,
    c: number,
    cell: (typeof item.cells)[0][0],
  ) {
    if (JSON.stringify(cell) === JSON.stringify(item.cells[r]![c])) return
    setBody({
      ...item,
      cells: item.cells.map((row, i) => (i === r ? row.map((one, k) => (k === c ? cell : one)) : row)),
    })
  }

  /** What gives a box of words another look or text; null where nothing changes. */
  function wordsEdit(item: Extract<Item, { kind: 'words' }>, said: Partial<Said>): Edit | null {
    const { content, frame } = item
    const fit = relaid(content, said, content.wraps ? frame.width : null)
    if (!differs(fit.content, content)) return null
    const left = fit.content.wraps || fit.content.style.align === 'LEFT' ? 0 : (frame.width - fit.width) / 2
    const fitted = { ...frame, x: startOf(frame, fit) + left, width: fit.width, height: fit.height }
    return { kind: 'set-words', pageId: pageId.value, itemId: item.id, content: fit.content, frame: fitted }
  }
  function setWords(item: Extract<Item, { kind: 'words' }>, said: Partial<Said>) {
    const made = wordsEdit(item, said)
    if (made) edit(made)
  }

  return {
    editing,
    page,
    pageId,
    byId,
    chosen,
    selected,
    only,
    writing,
    writer,
    tool,
    veiled,
    take,
    veil,
    writesWith,
    edit,
    all,
    select,
    selectAll,
    add,
    addAll,
    remove,
    setFrame,
    moveBy,
    arrange,
    transform,
    putDown,
    depth,
    setTraits,
    group,
    ungroup,
    grouped,
    setMovement,
    setBodies,
    setBody,
    setCell,
    setWords,
    wordsEdit,
    takeAlong,
    cut,
    paste,
    duplicate,
    put,
    offered,
    pulledTo,
    write,
    written,
    wordsOf,
    canWrite,
    inBoxOf,
  }
}

export type Workbench = ReturnType<typeof makeBench>
