import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Frame, Item, WordStyle } from '@/api/schema'
import { frameQueue } from '@/gesture/frameQueue'
import { cellOf } from '@/progress/cell'
import { contains, letter, tilePath } from './geometry'
import { itemName } from './names'
import { topmostAt, type PlacedItem } from './placedItems'
import PageView from './PageView.vue'
import { fitWords, PADDING } from './wordFit'

const style: WordStyle = { size: 50, bold: false, colour: '#000000', align: 'LEFT' }
const tenEach = (text: string) => text.length * 10

describe('fitting words', () => {
  it('makes a new box as wide as its words', () => {
    const fit = fitWords('Moon\nand star', style, null, tenEach)
    expect(fit.width).toBe(80 + 2 * PADDING)
    expect(fit.content.lines.map((line) => line.text)).toEqual(['Moon', 'and star'])
    expect(fit.content.wraps).toBe(false)
  })

  it('breaks at spaces and says exactly the text, white space apart', () => {
    const text = 'a  long sentence 🔭 with مرصد in it and averyveryverylongword'
    const fit = fitWords(text, style, 150, tenEach)
    const said = fit.content.lines.map((line) => line.text).join('')
    expect(said.replace(/\s/g, '')).toBe(text.replace(/\s/g, ''))
    expect(fit.height).toBe(2 * PADDING + 50 * 1.35 * fit.content.lines.length)
  })

  it('takes ten thousand characters', () => {
    expect(fitWords('word '.repeat(2000), style, 400, tenEach).content.lines.length).toBeGreaterThan(200)
  })
})

describe('a page', () => {
  const zone: Item = {
    kind: 'zone',
    id: 'z',
    frame: { x: 10, y: 10, width: 300, height: 200, turn: 0 },
    description: '',
    label: 'Here',
    movement: { kind: 'fixed' },
  }
  const picture: Item = {
    kind: 'picture',
    id: 'a',
    frame: { x: 1, y: 2, width: 100, height: 100, turn: 45 },
    description: 'Moon',
    movement: { kind: 'free' },
    picture: { from: 'LIBRARY', name: '1F319' },
    credit: '',
  }

  it('draws items from the lowest to the topmost, pieces on tiles', () => {
    const view = mount(PageView, {
      props: { page: { name: 'P', paper: { colour: '#ffffff' }, items: [zone, picture] } },
    })
    expect(view.findAll('svg > g[transform]').map((g) => g.attributes('transform'))).toEqual([
      'translate(10 10)',
      'translate(1 2) rotate(45 50 50)',
    ])
    expect(view.findAll('.tile')).toHaveLength(1)
    expect(view.find('image').attributes('href')).toBe('/library/1F319.svg')
  })

  it('names everything, even what was given no name', () => {
    expect(itemName(picture)).toBe('Moon')
    expect(itemName({ ...picture, description: ' ' })).toBe('Picture')
    expect(itemName({ ...zone, label: '' })).toBe('Drop zone')
    expect(itemName({ ...zone, label: '🔭'.repeat(80) })).toBe(`${'🔭'.repeat(60)}…`)
  })

  it('has letters for any number of zones', () => {
    expect([0, 25, 26, 27, 701, 702].map(letter)).toEqual(['A', 'Z', 'AA', 'AB', 'ZZ', 'AAA'])
  })

  it('takes the edge of a turned box for inside, as core', () => {
    const frame = { x: 0, y: 0, width: 100, height: 100, turn: 45 }
    expect(contains(frame, { x: 50, y: 50 - 70 })).toBe(true)
    expect(contains(frame, { x: 1, y: 1 })).toBe(false)
    expect(tilePath(10, 10)).not.toContain('NaN')
  })
})

describe('the frame queue', () => {
  it('runs only the newest of each kind, once a frame', () => {
    const frames: (() => void)[] = []
    const queue = frameQueue((run) => frames.push(run))
    const ran: string[] = []
    queue('drag', () => ran.push('first'))
    queue('drag', () => ran.push('second'))
    queue('turn', () => ran.push('turn'))
    expect(frames).toHaveLength(1)
    frames[0]!()
    expect(ran).toEqual(['second', 'turn'])
  })
})

describe('a patch of class progress', () => {
  it('says its state in words and sign, not in colour alone', () => {
    expect(cellOf({ tries: 1, solvedAt: 1 })).toMatchObject({ look: 'once', said: 'first try' })
    expect(cellOf({ tries: 5, solvedAt: 4 })).toMatchObject({ look: 'later', shown: '4' })
    expect(cellOf({ tries: 2, solvedAt: 0 })).toMatchObject({ look: 'trying', said: '2 tries, not yet' })
    expect(cellOf({ tries: 0, solvedAt: 0 }).said).toBe('not yet')
  })
})

describe('what lies at a point', () => {
  const things = (...frames: [string, Frame][]) =>
    frames.map(([id, frame]) => ({ id, item: { frame } }) as PlacedItem)
  it('is the uppermost, by its box as it is turned', () => {
    const below = { x: 100, y: 100, width: 400, height: 40, turn: 0 }
    const across = { x: 100, y: 100, width: 400, height: 40, turn: 90 }
    const drawn = things(['below', below], ['across', across])
    expect(topmostAt(drawn, { x: 300, y: 120 })?.id).toBe('across')
    // The box of the turned one as it would lie unturned is not where it is seen.
    expect(topmostAt(drawn, { x: 120, y: 120 })?.id).toBe('below')
    expect(topmostAt(drawn, { x: 300, y: 300 })?.id).toBe('across')
    expect(topmostAt(drawn, { x: 120, y: 300 })).toBeUndefined()
  })
})
