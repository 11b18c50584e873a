import { readFileSync } from 'node:fs'
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Frame, Line, Item, Table, WordStyle } from '@/api/schema'
import { asDone, slidFrame } from './placedItems'
import type { Point } from './geometry'
import { cellAt, cellFrame, idsOf, leads, piecesOf, zonesOf } from './items'
import { borderTowards, connectorRoute, endMark, joined, pathThrough } from './lines'
import PageView from './PageView.vue'
import { FORMS, shapePath } from './shapes'
import { fitSaid, fitWithin, lineStart, startOf, WIDEST } from './wordFit'

const frame = (x: number, y: number, width = 100, height = 100): Frame => ({ x, y, width, height, turn: 0 })
const picture = (id: string, at: Frame, more: object = {}): Item => ({
  kind: 'picture',
  id,
  frame: at,
  movement: { kind: 'free' },
  description: id,
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
  ...more,
})
const table: Table = {
  kind: 'table',
  id: 't',
  frame: frame(1000, 100, 400, 200),
  movement: { kind: 'fixed' },
  description: '',
  columns: [100, 300],
  rows: [50, 50],
  cells: [
    [{}, {}],
    [{}, { zoneId: 'cell' }],
  ],
  colour: '#55656b',
}

describe('items', () => {
  it('have cells where core has them, and the drop zones in them', () => {
    expect(cellFrame(table, 1, 1)).toEqual(frame(1100, 200, 300, 100))
    expect(zonesOf([table]).map((zone) => zone.id)).toEqual(['cell'])
    expect(idsOf(table)).toEqual(['t', 'cell'])
  })

  it('know which cell a point lies in, turned as the table is', () => {
    const upright = { ...table, frame: { ...table.frame, turn: 0 } }
    for (const one of [upright, { ...table, frame: { ...table.frame, turn: 30 } }]) {
      one.rows.forEach((_, r) =>
        one.columns.forEach((_, c) => {
          const cell = cellFrame(one, r, c)
          expect(cellAt(one, { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 })).toEqual([r, c])
        }),
      )
      expect(cellAt(one, { x: one.frame.x - 5000, y: 0 })).toBeNull()
    }
  })

  it('move as one when they are grouped, and the lowest stands for all', () => {
    const traits = { transparency: 0, groups: ['g'] }
    const items = [
      picture('a', frame(0, 0), { traits }),
      picture('b', frame(200, 0), { traits }),
      picture('c', frame(9, 9)),
    ]
    expect(piecesOf(items).map((item) => item.id)).toEqual(['a', 'c'])
    expect(leads(items).get('b')).toBe('a')
    const done = asDone(items, {
      pieces: { a: { x: 50, y: 70, settled: false, tries: 0, solvedAt: 0, putAt: 1 } },
    })
    expect(done[1]!.item.frame).toMatchObject({ x: 250, y: 70 })
  })

  it('show copies of a supply above it, and the supply as a heap', () => {
    const source = picture('s', frame(0, 0), { traits: { transparency: 0, groups: [], supply: {} } })
    const at = { settled: false, tries: 0, solvedAt: 0, putAt: 1 }
    const done = asDone([source], { pieces: { 's~2': { x: 5, y: 6, ...at }, s: { x: 0, y: 0, ...at } } })
    expect(done.map((one) => [one.id, one.source])).toEqual([
      ['s', true],
      ['s~2', false],
    ])
    expect(done[1]!.item.traits).toBeUndefined()
  })

  it('slide aside the way a cover goes, turned as it is', () => {
    const cover = {
      kind: 'cover',
      frame: { ...frame(0, 0, 200, 100), turn: 90 },
      direction: 'RIGHT',
    } as never
    const there = slidFrame(cover, 0.5)
    expect(there.x).toBeCloseTo(0)
    expect(there.y).toBeCloseTo(100)
  })

  it('are all drawn, whatever their kind', () => {
    const shapes = FORMS.map(({ form }, i): Item => ({
      kind: 'shape',
      id: `f${i}`,
      frame: frame(i * 10, 0),
      movement: { kind: 'fixed' },
      description: '',
      look: { form, sides: 5, outline: '#07444b', thickness: 3, dash: 'DOTTED' },
    }))
    const line: Item = {
      kind: 'line',
      id: 'l',
      frame: frame(0, 0, 300, 4),
      movement: { kind: 'fixed' },
      description: '',
      look: {
        points: [
          { x: 0, y: 0.5 },
          { x: 1, y: 0.5 },
        ],
        curved: false,
        colour: '#07444b',
        thickness: 4,
        dash: 'SOLID',
        start: 'DOT',
        end: 'ARROW',
        from: 'f0',
        to: 'f5',
      },
    }
    const page = {
      name: 'All',
      paper: { colour: '#ffffff', pattern: { kind: 'AXES' as const, pitch: 50, colour: '#9fb3bd' } },
      items: [...shapes, line, table],
    }
    const view = mount(PageView, { props: { page } })
    expect(view.html()).not.toMatch(/NaN|undefined/)
    expect(view.findAll('.numbers text').length).toBeGreaterThan(20)
  })
})

describe('lines', () => {
  interface Case {
    from: Frame
    to: Frame
    route: Point[]
  }
  const { cases } = JSON.parse(readFileSync('../core/src/test/resources/route-cases/cases.json', 'utf8')) as {
    cases: Case[]
  }
  it.each(cases.map((one, i) => [i, one] as const))('take the way core takes, case %i', (_, one) => {
    const route = connectorRoute(one.from, one.to)
    expect(route).toHaveLength(one.route.length)
    route.forEach((p, i) => {
      expect(p.x).toBeCloseTo(one.route[i]!.x, 6)
      expect(p.y).toBeCloseTo(one.route[i]!.y, 6)
    })
  })

  it('that are joined at one end follow there, and stay where they were at the other', () => {
    const box = (x: number, y: number): Frame => ({ x, y, width: 100, height: 60, turn: 0 })
    const look = {
      points: [
        { x: 0, y: 0 },
        { x: 0.5, y: 1 },
        { x: 1, y: 0 },
      ],
      curved: true,
      to: 'moon',
    }
    const line = {
      kind: 'line',
      frame: { x: 0, y: 0, width: 200, height: 50, turn: 0 },
      look,
    } as unknown as Line
    for (const at of [box(300, 0), box(-400, 500), box(40, 700)]) {
      const route = joined(line, (id) => (id === 'moon' ? at : undefined))!
      expect(route.slice(0, 2)).toEqual([
        { x: 0, y: 0 },
        { x: 100, y: 50 },
      ])
      expect(route[2]).toEqual(borderTowards(at, route[1]!))
    }
    // What it was joined to is gone: it lies where it lay.
    expect(joined(line, () => undefined)).toBeNull()
  })

  it('end at the edge of a box, turned or not, on the way to its middle', () => {
    const box: Frame = { x: 0, y: 0, width: 200, height: 100, turn: 0 }
    expect(borderTowards(box, { x: 500, y: 50 })).toEqual({ x: 200, y: 50 })
    expect(borderTowards(box, { x: 100, y: -300 })).toEqual({ x: 100, y: 0 })
    expect(borderTowards(box, { x: 110, y: 60 })).toEqual({ x: 100, y: 50 })
    const upright = borderTowards({ ...box, turn: 90 }, { x: 500, y: 50 })
    expect(upright.x).toBeCloseTo(150)
    expect(upright.y).toBeCloseTo(50)
  })

  it('are smooth through all their points when they are curves', () => {
    const points = [
      { x: 0, y: 0 },
      { x: 50, y: 80 },
      { x: 100, y: 0 },
    ]
    const path = pathThrough(points, true)
    points.slice(1).forEach((p) => expect(path).toContain(`${p.x} ${p.y}`))
    expect(endMark('PLAIN', points[0]!, points[1]!, 4)).toBeNull()
    expect(endMark('ARROW', points[0]!, points[0]!, 4)!.path).not.toContain('NaN')
  })

  it('have forms for shapes of any size', () => {
    for (const { form } of FORMS) expect(shapePath(form, 20, 4, 4)).not.toContain('NaN')
  })
})

describe('words of several looks', () => {
  const style: WordStyle = { size: 40, bold: false, colour: '#000000', align: 'LEFT' }
  const ten = (text: string, look: { size: number }) => text.length * look.size * 0.25
  const lines = (text: string, width: number | null, more: object = {}) =>
    fitSaid({ text, style, ...more }, width, ten).content.lines

  it('say exactly what was said, however they break', () => {
    const text = 'one two three four five six seven'
    const spans = [{ from: 2, to: 17, look: { bold: true } }]
    for (const width of [60, 120, 200, 400]) {
      const all = lines(text, width, { spans })
      expect(
        all
          .map((line) => line.text)
          .join('')
          .replaceAll(' ', ''),
      ).toBe(text.replaceAll(' ', ''))
      all
        .filter((line) => line.runs)
        .forEach((line) => expect(line.runs!.map((run) => run.text).join('')).toBe(line.text))
    }
  })

  it('make room for the largest letter of a line', () => {
    const [first, second] = lines('Big small\nnext', null, {
      spans: [{ from: 0, to: 3, look: { size: 80 } }],
    })
    expect(first!.baseline).toBeCloseTo(10 + 80 * 1.05)
    expect(second!.baseline).toBeCloseTo(10 + 80 * 1.35 + 40 * 1.05)
  })

  it('count the numbers of a list and begin anew after it', () => {
    const paragraphs = [{ list: 'NUMBER' }, { list: 'NUMBER' }, {}, { list: 'NUMBER' }]
    const all = lines('a\nb\nc\nd', null, { paragraphs })
    expect(all.map((line) => line.mark)).toEqual(['1.', '2.', undefined, '1.'])
  })

  it('begin where their alignment says', () => {
    const content = fitSaid({ text: 'ab', style: { ...style, align: 'RIGHT' } }, 200, ten).content
    expect(lineStart(content, content.lines[0]!, 200)).toBe(200 - 10 - 20)
  })

  it('break a word that is too wide for any line, and every line but the last is as full as can be', () => {
    const all = lines('a ' + 'x'.repeat(20_000) + ' b', 300)
    const room = 280
    expect(
      all
        .map((line) => line.text)
        .join('')
        .replaceAll(' ', ''),
    ).toBe(`a${'x'.repeat(20_000)}b`)
    expect(all.every((line) => line.width <= room)).toBe(true)
    expect(all.slice(1, -1).every((line) => line.width + 10 > room)).toBe(true)
    expect(all.at(-1)!.text).toMatch(/x b$/)
  })

  it('never break within what is read as one sign', () => {
    const family = '👩‍👩‍👧'
    const all = lines(family.repeat(30), 100)
    expect(all.length).toBeGreaterThan(10)
    expect(all.every((line) => line.text === '' || line.text.replaceAll(family, '') === '')).toBe(true)
    // However narrow the box, each line has a sign at least.
    expect(lines('xyz', 4).map((line) => line.text)).toEqual(['x', 'y', 'z'])
  })

  it('are made smaller where they would not fit', () => {
    const content = fitWithin('It reflects', style, 80, 80, ten)
    expect(content.lines.map((line) => line.text)).toEqual(['It', 'reflects'])
    expect(content.style.size).toBeLessThan(style.size)
    expect(fitWithin('It', style, 100, 100, ten).style.size).toBe(style.size)
    // Some never do; they are as small as can be read.
    expect(fitWithin('x'.repeat(400), style, 100, 100, ten).style.size).toBe(14)
  })

  it('grow a box no wider than a page, and no higher than an item may be', () => {
    const fit = fitSaid({ text: 'star '.repeat(4000), style: { ...style, size: 110 } }, null, ten)
    expect(fit.width).toBe(WIDEST)
    expect(fit.content.wraps).toBe(true)
    expect(fit.height).toBe(16_000)
    expect(fitSaid({ text: 'star', style }, null, ten).content.wraps).toBe(false)
    expect(startOf({ x: 700, y: 0, width: 300, height: 60, turn: 0 }, fit)).toBe(20)
    expect(startOf({ x: 20, y: 0, width: 300, height: 60, turn: 0 }, fit)).toBe(20)
  })
})
