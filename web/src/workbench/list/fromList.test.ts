import { describe, expect, it } from 'vitest'
import type { Edit, Item, LibraryPicture, Page } from '@/api/schema'
import { around } from '@/page/geometry'
import { fitSaid } from '@/page/wordFit'
import { taken, composite } from '@/workbench/edits/copies'
import { apply } from '@/workbench/edits/mirror'
import { exchanged, linesOf, placesFor, repeated, slotsOf, type Placing } from './fromList'

const frame = (x: number, y: number, width = 200, height = 120) => ({ x, y, width, height, turn: 0 })
const style = { size: 40, bold: false, colour: '#1f2d33', align: 'CENTRE' } as const
const words = (id: string, x: number, y: number, text: string): Item => {
  const fit = fitSaid({ text, style }, null)
  return {
    kind: 'words',
    id,
    frame: frame(x, y, fit.width, fit.height),
    movement: { kind: 'free' },
    description: '',
    content: fit.content,
  }
}
const picture = (id: string, x: number, y: number): Item => ({
  kind: 'picture',
  id,
  frame: frame(x, y, 160, 160),
  movement: { kind: 'free' },
  description: 'cap',
  picture: { from: 'LIBRARY', name: '1F9E2' },
  credit: '',
})
const zone = (id: string, x: number, y: number, label = ''): Item => ({
  kind: 'zone',
  id,
  frame: frame(x, y),
  movement: { kind: 'fixed' },
  description: '',
  label,
})
const page: Page = {
  id: 'p',
  name: 'P',
  paper: { colour: '#ffffff' },
  items: [zone('box', 300, 100), picture('cap', 100, 80), words('word', 330, 240, 'cap')],
}
const key = {
  decisions: { box: { word: 'BELONGS' } },
  rules: { box: { accept: 'IN_SLOT', refused: 'STAYS' } },
} as const
const found = new Map<string, LibraryPicture>(
  ['hat', 'cat', 'bat'].map((name, i) => [name, { name, code: `1F40${i}`, credit: 'OpenMoji' }]),
)
const pictureOf = (word: string) => found.get(word)
const everything = () => taken(page, ['box', 'cap', 'word'], key as never)

function after(edits: Edit[]): { page: Page; decisions: Record<string, Record<string, string>> } {
  const activity = { title: 'A', pages: [page], key: key as never }
  const now = apply(activity, composite(edits))
  expect(now).not.toBeNull()
  return { page: now!.pages[0]!, decisions: now!.key.decisions }
}

describe('a list', () => {
  it('has a copy for each word of one line, or for each of several lines', () => {
    expect(linesOf(' hat, cat ;bat, ')).toEqual([['hat'], ['cat'], ['bat']])
    expect(linesOf('hat, cat\r\n\r\nbat\tmoth')).toEqual([
      ['hat', 'cat'],
      ['bat', 'moth'],
    ])
    expect(linesOf('a hat, or so\tcat\nx')).toEqual([['a hat, or so', 'cat'], ['x']])
    expect(linesOf('  \n ,')).toEqual([])
    expect(linesOf(Array.from({ length: 1000 }, (_, i) => `${i}`).join('\n'))).toHaveLength(100)
  })
  it('fills boxes as one reads', () => {
    const all = [
      words('c', 10, 300, 'c'),
      words('b', 400, 12, 'b'),
      words('a', 10, 0, 'a'),
      zone('none', 0, 0),
    ]
    expect(slotsOf(all).map((item) => item.id)).toEqual(['a', 'b', 'c'])
  })
})

describe('repeating', () => {
  it('makes one for each word, with its picture, its letters and what belongs where', () => {
    const made = repeated(everything(), page, [['hat'], ['cat'], ['bat']], 'FITS', pictureOf)!
    const { page: now, decisions } = after(made.edits)
    expect(now.items).toHaveLength(9)
    const said = now.items.flatMap((item) => (item.kind === 'words' ? [item.content.text] : []))
    expect(said).toEqual(['hat', 'cat', 'bat'])
    const shown = now.items.flatMap((item) =>
      item.kind === 'picture' ? [item.picture.name, item.description] : [],
    )
    expect(shown).toEqual(['1F400', 'hat', '1F401', 'cat', '1F402', 'bat'])
    const zones = now.items.filter((item) => item.kind === 'zone')
    for (const one of zones) {
      const row = Object.entries(decisions[one.id]!)
      expect(row).toHaveLength(1)
      const piece = now.items.find((item) => item.id === row[0]![0])!
      // Each word belongs in the box beside it, and in no other.
      expect(now.items.indexOf(piece) - now.items.indexOf(one)).toBe(2)
    }
    expect(made.ids).toHaveLength(9)
  })
  it('keeps the old picture where none was found', () => {
    const made = repeated(everything(), page, [['hat'], ['yurt']], 'FITS', pictureOf)!
    const shown = after(made.edits).page.items.flatMap((item) =>
      item.kind === 'picture' ? [item.picture.name] : [],
    )
    expect(shown).toEqual(['1F400', '1F9E2'])
  })
  it('never lays copies on each other or off the page, for any size, count and way', () => {
    let random = 7
    const next = (most: number) => (random = (random * 48271) % 2147483647) % most
    let laid = 0
    for (let i = 0; i < 2000; i++) {
      const size = frame(next(1500), next(900), 20 + next(700), 20 + next(500))
      const count = 2 + next(30)
      const way = (['FITS', 'ROW', 'COLUMN', 'GRID'] as Placing[])[next(4)]!
      const places = placesFor([size], count, way)
      if (!places) continue
      laid++
      const boxes = places.map((by) => around([{ ...size, x: size.x + by.x, y: size.y + by.y }]))
      boxes.forEach((a, n) => {
        expect(a.left >= 19 && a.top >= 19 && a.right <= 1581 && a.bottom <= 981).toBe(true)
        for (const b of boxes.slice(n + 1))
          expect(a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top).toBe(true)
      })
      if (way === 'ROW') expect(new Set(boxes.map((box) => box.top)).size).toBe(1)
      if (way === 'COLUMN') expect(new Set(boxes.map((box) => box.left)).size).toBe(1)
    }
    expect(laid).toBeGreaterThan(500)
  })
  it('says so where there is no room', () => {
    expect(placesFor([frame(0, 0, 900, 900)], 2, 'FITS')).toBeNull()
    expect(
      repeated({ ...everything(), items: [zone('z', 0, 0)] }, page, Array(99).fill(['a']), 'ROW', pictureOf),
    ).toBeNull()
  })
})

describe('exchanging', () => {
  it('keeps places, answers and all that has no word', () => {
    const edits = exchanged(page, page.items, ['cat', 'Miaow'], pictureOf)
    const { page: now, decisions } = after(edits)
    expect(now.items.map((item) => item.id)).toEqual(['box', 'cap', 'word'])
    expect(now.items[1]).toMatchObject({
      picture: { name: '1F401' },
      description: 'cat',
      frame: page.items[1]!.frame,
    })
    expect(now.items[2]).toMatchObject({ content: { text: 'Miaow' } })
    expect(decisions).toEqual(key.decisions)
    const [middle, was] = [now.items[2]!, page.items[2]!].map((item) => item.frame.x + item.frame.width / 2)
    expect(middle).toBeCloseTo(was!, 6)
  })
  it('writes on drop zones where nothing else takes words', () => {
    expect(exchanged(page, [page.items[0]!], ['Animals'], pictureOf)).toEqual([
      { kind: 'set-zone-label', pageId: 'p', itemId: 'box', label: 'Animals' },
    ])
    const line: Item = { ...page.items[1]!, kind: 'lens', colour: '#000000' } as never
    expect(exchanged(page, [line], ['cat'], pictureOf)).toEqual([])
  })
})
