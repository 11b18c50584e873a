import { describe, expect, it } from 'vitest'
import type { Activity, Item, Page } from '@/api/schema'
import {
  freePlace,
  inRows,
  newCover,
  newLens,
  newLine,
  newNote,
  newShape,
  newTable,
  tableOf,
  newWords,
  newZone,
} from './make'
import { apply } from './mirror'

const page: Page = { id: 'p', name: 'P', paper: { colour: '#ffffff' }, items: [] }
const at = { x: 800, y: 500 }
const makers: [string, (page: Page) => Item][] = [
  ['words', (p) => newWords(p, at)],
  ['shape', (p) => newShape(p, at)],
  ['line', (p) => newLine(p, at, 'arrow')],
  ['note', (p) => newNote(p, at)],
  ['table', (p) => newTable(p, at)],
  ['cover', (p) => newCover(p, at)],
  ['lens', (p) => newLens(p, at)],
  ['zone', (p) => newZone(p, at)],
]

describe('what comes off the rack', () => {
  it.each(makers)('%s lies around the place that was meant, and the page takes it', (kind, make) => {
    const item = make(page)
    expect(item.kind).toBe(kind)
    expect(Math.abs(item.frame.x + item.frame.width / 2 - at.x)).toBeLessThanOrEqual(1)
    expect(Math.abs(item.frame.y + item.frame.height / 2 - at.y)).toBeLessThanOrEqual(1)
    const activity: Activity = { title: 'T', pages: [page], key: { decisions: {}, rules: {} } }
    const after = apply(activity, { kind: 'add-item', pageId: 'p', index: 0, item })
    expect(after!.pages[0]!.items).toEqual([item])
  })

  it.each(makers)('a second %s does not hide the first', (_, make) => {
    const first = make(page)
    const second = make({ ...page, items: [first] })
    expect(second.id).not.toBe(first.id)
    expect(Math.hypot(second.frame.x - first.frame.x, second.frame.y - first.frame.y)).toBeGreaterThan(19)
  })

  it('finds a free place among a thousand things that lie on a heap', () => {
    const items: Item[] = []
    for (let i = 0; i < 1000; i++) {
      const frame = freePlace({ ...page, items: items.slice(-30) }, at, 100, 100)
      items.push({ ...newZone(page, at), frame })
    }
    const places = new Set(items.slice(-30).map((one) => `${one.frame.x} ${one.frame.y}`))
    expect(places.size).toBe(30)
  })

  it('writes in the letters this page begins with', () => {
    const own = { size: 90, bold: true, colour: '#123456', align: 'RIGHT' as const }
    const item = newWords({ ...page, words: own }, at)
    expect(item.kind === 'words' && item.content.style).toEqual(own)
    const note = newNote({ ...page, words: own }, at)
    expect(note.kind === 'note' && note.words.style).toMatchObject({ colour: '#123456', size: 32 })
  })

  it('joins a connector at both ends and gives every arrow a head', () => {
    const joined = newLine(page, at, 'connector', ['a', 'b'])
    expect(joined.kind === 'line' && [joined.look.from, joined.look.to, joined.look.end]).toEqual([
      'a',
      'b',
      'ARROW',
    ])
    const plain = newLine(page, at, 'line')
    expect(plain.kind === 'line' && plain.look.end).toBe('PLAIN')
  })

  it('says right and wrong by form as well as by colour', () => {
    const [tick, cross] = [newShape(page, at, 'TICK'), newShape(page, at, 'CROSS')]
    expect(tick.kind === 'shape' && tick.look.form).toBe('TICK')
    expect(cross.kind === 'shape' && cross.look.fill).not.toBe(tick.kind === 'shape' && tick.look.fill)
  })
})

describe('many pieces in rows', () => {
  it.each([1, 2, 3, 7, 8, 12, 20, 30])(
    '%i lie on the page, apart from one another, with even gaps',
    (count) => {
      const frames = inRows(count)
      expect(frames).toHaveLength(count)
      const rows = new Map<number, typeof frames>()
      frames.forEach((frame) => rows.set(frame.y, [...(rows.get(frame.y) ?? []), frame]))
      for (const row of rows.values()) {
        const gaps = row.slice(1).map((frame, i) => frame.x - row[i]!.x - frame.width)
        expect(Math.min(...gaps, 24)).toBeGreaterThanOrEqual(23)
        expect(Math.max(...gaps, 0) - Math.min(...gaps, 1600)).toBeLessThanOrEqual(1)
        // As far from the left edge as from the right.
        const right = row.at(-1)!
        expect(Math.abs(row[0]!.x - (1600 - right.x - right.width))).toBeLessThanOrEqual(1)
      }
      const tops = [...rows.keys()].sort((a, b) => a - b)
      tops.slice(1).forEach((top, i) => expect(top - tops[i]!).toBeGreaterThan(frames[0]!.height))
      frames.forEach((frame) => {
        expect(frame.x).toBeGreaterThanOrEqual(0)
        expect(frame.x + frame.width).toBeLessThanOrEqual(1600)
        expect(frame.y).toBeGreaterThan(500)
        expect(frame.y + frame.height).toBeLessThanOrEqual(1000)
      })
    },
  )

  it('makes a table of rows that come from a spreadsheet, and of nothing else', () => {
    const table = tableOf(page, { x: 800, y: 500 }, 'planet\tmoons\nEarth\t1\nMars\t2\n')!
    expect(table.kind).toBe('table')
    if (table.kind !== 'table') return
    expect(table.cells.map((row) => row.map((cell) => cell.words?.text))).toEqual([
      ['planet', 'moons'],
      ['Earth', '1'],
      ['Mars', '2'],
    ])
    expect(table.frame.width).toBe(560)
    expect(tableOf(page, { x: 800, y: 500 }, 'just words')).toBeNull()
    expect(tableOf(page, { x: 800, y: 500 }, Array(50).fill('a\tb').join('\n'))).toBeNull()
    const gaps = tableOf(page, { x: 800, y: 500 }, 'a\t\tc\nd')
    expect(gaps?.kind === 'table' && gaps.cells[1]!.map((cell) => cell.words?.text)).toEqual([
      'd',
      undefined,
      undefined,
    ])
  })
})
