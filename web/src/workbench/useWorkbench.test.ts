import { beforeEach, describe, expect, it } from 'vitest'
import { computed, nextTick, shallowRef } from 'vue'
import type { Activity, Edit, Item, Page, WordStyle } from '@/api/schema'
import { fitWords } from '@/page/wordFit'
import { makeBench, type Workbench } from './useWorkbench'
import type { Editing } from '@/workbench/edits/editing'
import { apply } from '@/workbench/edits/mirror'

const style: WordStyle = { size: 40, bold: false, colour: '#000000', align: 'LEFT' }
const piece = (id: string, x: number, groups: string[] = []): Item => ({
  kind: 'picture',
  id,
  frame: { x, y: 0, width: 100, height: 100, turn: 0 },
  movement: { kind: 'free' },
  description: id,
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
  ...(groups.length ? { traits: { transparency: 0, groups } } : {}),
})
const words = (id: string, text: string): Item => {
  const fit = fitWords(text, style, null)
  return {
    kind: 'words',
    id,
    frame: { x: 0, y: 200, width: fit.width, height: fit.height, turn: 0 },
    movement: { kind: 'fixed' },
    description: '',
    content: fit.content,
  }
}
const table: Item = {
  kind: 'table',
  id: 't',
  frame: { x: 0, y: 500, width: 200, height: 100, turn: 0 },
  movement: { kind: 'fixed' },
  description: '',
  columns: [100, 100],
  rows: [100],
  cells: [[{}, {}]],
  colour: '#55656b',
}

/** An activity that takes edits at once, and remembers them. */
function opened(items: Item[]) {
  const activity = shallowRef<Activity>({
    title: 'T',
    pages: [{ id: 'p', name: 'P', paper: { colour: '#ffffff' }, items }],
    key: { decisions: {}, rules: {} },
  })
  const made: Edit[] = []
  const told: string[] = []
  const editing = {
    activity: computed(() => activity.value),
    edit(edit: Edit) {
      const next = apply(activity.value, edit)
      if (!next) return false
      made.push(edit)
      activity.value = next
      return true
    },
    tell: (text: string) => told.push(text),
    note: (text: string) => told.push(text),
  } as unknown as Editing
  const page = computed<Page>(() => activity.value.pages[0]!)
  return { workbench: makeBench(editing, page), made, told, page }
}
const order = (workbench: Workbench) => workbench.page.value.items.map((item) => item.id).join('')

describe('the workbench', () => {
  beforeEach(() => localStorage.clear())

  it('selects the whole of a group, and one within it when that is meant', () => {
    const { workbench } = opened([piece('a', 0, ['g']), piece('b', 200, ['g']), piece('c', 400)])
    workbench.select(['a'])
    expect(workbench.chosen.value).toEqual(['a', 'b'])
    workbench.select(['c'], 'toggle')
    expect(workbench.selected.value).toHaveLength(3)
    workbench.select(['a'], 'toggle')
    expect(workbench.chosen.value).toEqual(['c'])
    workbench.select(['b'], 'inside')
    expect(workbench.chosen.value).toEqual(['b'])
  })

  it('groups in groups and takes the outermost apart first', () => {
    const { workbench } = opened([piece('a', 0), piece('b', 200), piece('c', 400)])
    workbench.chosen.value = ['a', 'b']
    workbench.group()
    workbench.selectAll()
    workbench.group()
    expect(workbench.page.value.items.map((item) => item.traits?.groups.length)).toEqual([2, 2, 1])
    workbench.ungroup()
    expect(workbench.page.value.items.map((item) => item.traits?.groups.length ?? 0)).toEqual([1, 1, 0])
  })

  it.each([
    ['up', 'b', 'acbd'],
    ['down', 'c', 'acbd'],
    ['top', 'a', 'bcda'],
    ['bottom', 'd', 'dabc'],
    ['top', 'd', 'abcd'],
    ['bottom', 'a', 'abcd'],
  ] as const)('puts one %s: %s gives %s', (how, id, expected) => {
    const { workbench } = opened(['a', 'b', 'c', 'd'].map((one, i) => piece(one, i * 200)))
    workbench.chosen.value = [id]
    workbench.depth(how)
    expect(order(workbench)).toBe(expected)
  })

  it('keeps the order of several when they go up or down together', () => {
    const { workbench } = opened(['a', 'b', 'c', 'd', 'e'].map((one, i) => piece(one, i * 200)))
    workbench.chosen.value = ['a', 'c']
    workbench.depth('top')
    expect(order(workbench)).toBe('bdeac')
    workbench.depth('bottom')
    expect(order(workbench)).toBe('acbde')
    workbench.depth('up')
    expect(order(workbench)).toBe('bacde')
  })

  it('moves one by its frame and several in one edit', () => {
    const { workbench, made } = opened([piece('a', 0), piece('b', 200)])
    workbench.chosen.value = ['a']
    workbench.moveBy(5, 0)
    workbench.selectAll()
    workbench.moveBy(0, 50)
    expect(made.map((edit) => edit.kind)).toEqual(['set-frame', 'transform'])
    expect(workbench.page.value.items.map((item) => item.frame)).toMatchObject([
      { x: 5, y: 50 },
      { x: 200, y: 50 },
    ])
    workbench.moveBy(0, 0)
    expect(made).toHaveLength(2)
  })

  it('duplicates with the offset the last copy was moved to', async () => {
    const { workbench } = opened([piece('a', 0)])
    workbench.chosen.value = ['a']
    workbench.duplicate()
    expect(workbench.only.value!.frame).toMatchObject({ x: 40, y: 40 })
    workbench.moveBy(60, -40)
    await nextTick()
    workbench.duplicate()
    expect(workbench.only.value!.frame).toMatchObject({ x: 200, y: 0 })
  })

  it('duplicates another thing beside itself, whatever the last copy was moved by', async () => {
    const { workbench } = opened([piece('a', 0), piece('b', 500)])
    workbench.chosen.value = ['a']
    workbench.duplicate()
    workbench.moveBy(60, -40)
    await nextTick()
    workbench.chosen.value = ['b']
    workbench.duplicate()
    expect(workbench.only.value!.frame).toMatchObject({ x: 540, y: 40 })
  })

  it('never duplicates off the page, however far the last copy was moved', async () => {
    const { workbench } = opened([piece('a', 0)])
    workbench.chosen.value = ['a']
    workbench.duplicate()
    workbench.moveBy(900, 0)
    await nextTick()
    workbench.duplicate()
    expect(workbench.only.value!.frame).toMatchObject({ x: 980, y: 80 })
  })

  it('cuts and pastes in place', () => {
    const { workbench } = opened([piece('a', 30), piece('b', 200)])
    workbench.chosen.value = ['a']
    workbench.cut()
    expect(order(workbench)).toBe('b')
    workbench.paste(true)
    expect(workbench.only.value!.frame.x).toBe(30)
    expect(workbench.only.value!.id).not.toBe('a')
  })

  it('leaves what is always fixed fixed when all are made pieces', () => {
    const zone: Item = {
      kind: 'zone',
      id: 'z',
      frame: piece('x', 0).frame,
      description: '',
      label: '',
      movement: { kind: 'fixed' },
    }
    const { workbench, made } = opened([piece('a', 0), zone, table])
    workbench.selectAll()
    workbench.setMovement({ kind: 'turns', step: 45 })
    expect(made).toHaveLength(1)
    expect(workbench.page.value.items.map((item) => item.movement.kind)).toEqual(['turns', 'fixed', 'turns'])
  })

  it('takes a box away in which nothing stands, and leaves alone what did not change', () => {
    const { workbench, made } = opened([words('w', 'Moon')])
    const item = workbench.byId.value.get('w')!
    if (item.kind !== 'words') throw new Error('words')
    workbench.written({ id: 'w' }, item.content)
    expect(made).toHaveLength(0)
    workbench.written({ id: 'w' }, { text: 'Sun', style })
    expect(made[0]!.kind).toBe('set-words')
    workbench.written({ id: 'w' }, { text: '  \n ', style })
    expect(order(workbench)).toBe('')
  })

  it('breaks words anew for the width they were pulled to, and not when they are turned', () => {
    const { workbench, made } = opened([words('w', 'look up at the wide night sky tonight')])
    const item = workbench.byId.value.get('w')!
    workbench.pulledTo(item, { ...item.frame, width: 200 }, true)
    expect(made[0]!.kind).toBe('set-words')
    const narrow = workbench.byId.value.get('w')!
    expect(narrow.frame.height).toBeGreaterThan(item.frame.height)
    expect(narrow.kind === 'words' && narrow.content.lines.length).toBeGreaterThan(1)
    workbench.pulledTo(narrow, { ...narrow.frame, turn: 45 }, false)
    expect(made[1]).toMatchObject({ kind: 'set-frame', frame: { turn: 45, height: narrow.frame.height } })
  })

  it('writes in the cell that was meant and in no other', () => {
    const { workbench } = opened([table])
    workbench.write({ id: 't', cell: [0, 1] })
    expect(workbench.wordsOf(workbench.writing.value!)!.frame.x).toBe(100)
    workbench.written(workbench.writing.value!, { text: 'Venus', style })
    const now = workbench.byId.value.get('t')!
    expect(now.kind === 'table' && now.cells[0]!.map((cell) => cell.words?.text)).toEqual([
      undefined,
      'Venus',
    ])
    expect(workbench.writing.value).toBeNull()
  })

  it('writes in nothing that has no words', () => {
    const { workbench } = opened([piece('a', 0)])
    workbench.write({ id: 'a' })
    expect(workbench.writing.value).toBeNull()
    expect(workbench.canWrite(piece('a', 0))).toBe(false)
  })

  it('says so when too much is copied at once', () => {
    const long = words('w', 'x'.repeat(20_000))
    const { workbench, told } = opened(Array.from({ length: 300 }, (_, i) => ({ ...long, id: `w${i}` })))
    workbench.selectAll()
    workbench.takeAlong()
    expect(told[0]).toMatch(/^That is too much to copy at once/)
  })
})
