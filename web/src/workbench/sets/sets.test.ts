import { describe, expect, it } from 'vitest'
import type { Item, Page } from '@/api/schema'
import { fitSaid } from '@/page/wordFit'
import { composite } from '@/workbench/edits/copies'
import { apply } from '@/workbench/edits/mirror'
import { itemInSet, pageInSet } from './inSet'
import { contrast, STYLE_SETS } from './styleSets'

const frame = { x: 100, y: 100, width: 300, height: 200, turn: 0 }
const words = (id: string, size: number, bold: boolean, free = false): Item => ({
  kind: 'words',
  id,
  frame,
  movement: { kind: free ? 'free' : 'fixed' },
  description: '',
  content: fitSaid({ text: id, style: { size, bold, colour: '#888888', align: 'LEFT' } }, null).content,
})
const shape = (form: 'RECTANGLE' | 'TICK', fill?: string): Item => ({
  kind: 'shape',
  id: form,
  frame,
  movement: { kind: 'fixed' },
  description: '',
  look: { form, sides: 5, thickness: 5, dash: 'SOLID', outline: '#123456', ...(fill ? { fill } : {}) },
})
const zone = (id: string, kind?: 'GLASS' | 'LINE'): Item => ({
  kind: 'zone',
  id,
  frame,
  movement: { kind: 'fixed' },
  description: '',
  label: id,
  ...(kind ? { look: { kind, colour: '#ff0000' } } : {}),
})

describe('the sets', () => {
  it('has contrasts as the standard gives them', () => {
    // From WCAG's own definition: black on white is 21, and #767676 is the lightest grey that passes on white.
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 9)
    expect(contrast('#767676', '#ffffff')).toBeGreaterThanOrEqual(4.5)
    expect(contrast('#777777', '#ffffff')).toBeLessThan(4.5)
  })
  it.each(STYLE_SETS)('$name is read and seen', (set) => {
    for (const on of [set.paper, set.inside, set.shape, '#ffffff'])
      expect(contrast(set.text, on)).toBeGreaterThanOrEqual(4.5)
    expect(contrast(set.title, set.paper)).toBeGreaterThanOrEqual(4.5)
    expect(contrast('#ffffff', set.zone)).toBeGreaterThanOrEqual(4.5)
    for (const seen of [set.zone, set.line]) expect(contrast(seen, set.paper)).toBeGreaterThanOrEqual(3)
  })
  it('are six, each with a name of its own', () => {
    expect(new Set(STYLE_SETS.map((set) => set.name)).size).toBe(6)
  })
})

describe('a page in the colours of a set', () => {
  const [set] = STYLE_SETS as [(typeof STYLE_SETS)[0]]
  it('changes colours and nothing else, as one step', () => {
    const items = [
      words('Title', 60, true),
      words('text', 30, false),
      words('piece', 60, true, true),
      zone('tray'),
    ]
    const page: Page = { id: 'p', name: 'P', paper: { colour: '#000000', pattern: undefined }, items }
    const activity = { title: 'A', pages: [page], key: { decisions: {}, rules: {} } }
    const now = apply(activity as never, composite(pageInSet(page, set)))!.pages[0]!
    expect(now.paper.colour).toBe(set.paper)
    expect(now.words!.colour).toBe(set.text)
    const colours = now.items.map((item) => (item.kind === 'words' ? item.content.style.colour : ''))
    expect(colours).toEqual([set.title, set.text, set.text, ''])
    expect(now.items.map((item) => item.frame)).toEqual(items.map((item) => item.frame))
    expect(now.items[3]).toMatchObject({ look: { kind: 'TRAY', colour: set.zone, fill: set.inside } })
    // In its colours already, only the page itself is said again.
    expect(pageInSet(now, set)).toHaveLength(2)
  })
  it('leaves ticks, crossing circles and hollow shapes as they are meant', () => {
    expect(itemInSet(shape('TICK', '#4c7837'), set)).toBeNull()
    expect(itemInSet(zone('venn', 'GLASS'), set)).toBeNull()
    expect(itemInSet(shape('RECTANGLE'), set)).toMatchObject({ look: { outline: set.line } })
    expect((itemInSet(shape('RECTANGLE'), set) as { look: object }).look).not.toHaveProperty('fill')
    expect(itemInSet(shape('RECTANGLE', '#000000'), set)).toMatchObject({ look: { fill: set.shape } })
  })
  it('keeps coloured words that can be read, and no others', () => {
    const item = words('Red and pale', 30, false) as Extract<Item, { kind: 'words' }>
    const spans = [
      { from: 0, to: 3, look: { colour: '#a8432b' } },
      { from: 8, to: 12, look: { colour: '#ffffaa', italic: true } },
    ]
    const made = itemInSet({ ...item, content: { ...item.content, spans } }, set) as typeof item
    expect(made.content.spans![0]!.look).toEqual({ colour: '#a8432b' })
    expect(made.content.spans![1]!.look).toEqual({ italic: true })
  })
})
