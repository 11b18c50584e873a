import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Activity, AnswerKey, Item, Page } from '@/api/schema'
import type { Workbench } from '@/workbench/useWorkbench'
import { pageToKeep, put, selectedToKeep, shift, viewOf, type PartHead } from './library'

const box = (x: number, y: number, width = 100, height = 80) => ({ x, y, width, height, turn: 0 })
const zone = (id: string, x: number, y: number): Item => ({
  kind: 'zone',
  id,
  frame: box(x, y),
  description: '',
  label: id,
  movement: { kind: 'fixed' },
})
const piece = (id: string, x: number, y: number): Item => ({
  kind: 'picture',
  id,
  frame: box(x, y),
  movement: { kind: 'free' },
  description: `The ${id}`,
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
})
const page: Page = {
  id: 'p',
  name: 'Night',
  paper: { colour: '#ffffff' },
  items: [zone('tray', 100, 100), zone('other', 900, 100), piece('moon', 300, 700)],
  links: { to: 'q', ends: false, aside: false },
}
const key: AnswerKey = {
  decisions: { tray: { moon: 'BELONGS' }, other: { moon: 'DOES_NOT_BELONG' } },
  rules: {},
}
const activity: Activity = { title: 'Sky', pages: [page], key }

function workbench(chosen: string[], now: Page = page) {
  const put = vi.fn()
  const edit = vi.fn(() => true)
  const it = { page: { value: now }, pageId: { value: now.id }, chosen: { value: chosen } }
  return { ...it, put, edit, editing: { activity: { value: activity } } } as unknown as Workbench
}
afterEach(() => vi.unstubAllGlobals())

function server(contents: Activity) {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response(JSON.stringify(contents), { status: 200 }))),
  )
}

describe('what is kept', () => {
  it('takes the things with what is decided between them, and no way to other pages', () => {
    const { contents, kind, name } = selectedToKeep(workbench(['tray', 'moon']))
    expect(kind).toBe('ITEMS')
    expect(name).toBe('')
    expect(contents.pages[0]!.items.map((item) => item.id)).toEqual(['tray', 'moon'])
    expect(contents.pages[0]!.links).toBeUndefined()
    expect(contents.key.decisions['tray']).toEqual({ moon: 'BELONGS' })
    expect(JSON.stringify(contents.key.rules)).toBe('{}')
  })
  it('is called as the only thing is called, or as the page', () => {
    expect(selectedToKeep(workbench(['moon'])).name).toBe('The moon')
    const whole = pageToKeep(page, key)
    expect(whole.name).toBe('Night')
    expect(whole.contents.pages[0]!.items).toHaveLength(3)
    expect(whole.contents.key.decisions).toEqual(key.decisions)
  })
})

describe('a part on a page', () => {
  const part: Page = { ...page, items: [zone('a', 200, 200), zone('b', 400, 400)] }
  it('lies around the point where it was let go', () => {
    expect(shift(part, page, { x: 350, y: 340 })).toEqual({ x: 0, y: 0 })
    expect(shift(part, page, { x: 450, y: 300 })).toEqual({ x: 100, y: -40 })
  })
  it('does not hide the same part that lies there already, and stays on the page', () => {
    expect(shift(part, page, null)).toEqual({ x: 0, y: 0 })
    expect(shift(part, part, null)).toEqual({ x: 40, y: 40 })
    const full = {
      ...part,
      items: Array.from({ length: 60 }, (_, i) => zone(`z${i}`, 200 + 40 * i, 200 + 40 * i)),
    }
    const by = shift(part, full, null)
    expect(by.x).toBeLessThan(1600)
    expect(by.y).toBeLessThan(1000)
  })
  it('is put with what belongs where; a page becomes the next page', async () => {
    server({ title: 'x', pages: [{ ...page, items: [zone('tray', 0, 0), piece('moon', 0, 0)] }], key })
    const one = workbench([])
    expect(await put(one, { id: 'x', kind: 'ITEMS', name: 'x' }, { x: 500, y: 500 })).toBeNull()
    expect(one.put).toHaveBeenCalledWith(expect.objectContaining({ pageId: '', decisions: key.decisions }), {
      x: 450,
      y: 460,
    })
    server({ title: 'x', pages: [page], key })
    const made = await put(one, { id: 'x', kind: 'PAGE', name: 'Again' }, null)
    const [edit] = vi.mocked(one.edit).mock.calls.at(-1)!
    const first = (edit as { edits: { kind: string; index: number; page: Page }[] }).edits[0]!
    expect(first).toMatchObject({ kind: 'add-page', index: 1, page: { id: made, name: 'Again' } })
  })
})

it('shows a part as large as its tile, and a page whole', () => {
  const head = { kind: 'ITEMS', page: { ...page, items: [zone('a', 200, 300)] } } as PartHead
  expect(viewOf(head)).toBe('150 250 200 180')
  expect(viewOf({ ...head, kind: 'PAGE' })).toBeUndefined()
})
