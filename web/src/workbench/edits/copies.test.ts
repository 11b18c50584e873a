import { describe, expect, it } from 'vitest'
import type { Activity, Item, Page } from '@/api/schema'
import { apply, decisionOf } from './mirror'
import { pageCopy, putting, renewed, taken, composite } from './copies'
import { fromDoc, toDoc } from '@/workbench/words/schema'

const frame = { x: 0, y: 0, width: 100, height: 100, turn: 0 }
const zone: Item = { kind: 'zone', id: 'z', frame, description: '', label: 'Z', movement: { kind: 'fixed' } }
const piece = (id: string, more: object = {}): Item => ({
  kind: 'picture',
  id,
  frame,
  movement: { kind: 'free' },
  description: id,
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
  ...more,
})
const wire: Item = {
  kind: 'line',
  id: 'w',
  frame,
  movement: { kind: 'fixed' },
  description: '',
  look: {
    points: [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
    ],
    curved: false,
    colour: '#000000',
    thickness: 2,
    dash: 'SOLID',
    start: 'PLAIN',
    end: 'PLAIN',
    from: 'a',
    to: 'b',
  },
}
const page: Page = {
  id: 'p',
  name: 'P',
  paper: { colour: '#ffffff' },
  items: [zone, piece('a'), piece('b', { traits: { transparency: 0, groups: ['g'] } }), wire],
}
const activity: Activity = {
  title: 'T',
  pages: [page],
  key: {
    decisions: { z: { a: 'BELONGS', b: 'DOES_NOT_BELONG' } },
    rules: { z: { accept: 'STAYS', reject: 'STAYS' } },
  },
}

describe('copies', () => {
  it('have ids, groups and joins of their own', () => {
    const { items, ids } = renewed(page.items)
    const all = new Set(items.map((item) => item.id))
    expect(all.size).toBe(4)
    expect([...all].some((id) => page.items.some((item) => item.id === id))).toBe(false)
    const copy = items[3]!
    expect(copy.kind === 'line' && copy.look.from).toBe(ids.get('a'))
    expect(items[2]!.traits!.groups[0]).not.toBe('g')
  })

  it('keep what was decided of them: of a piece in the zones that are there, of zones that come along', () => {
    const one = putting(taken(page, ['a'], activity.key), page, 40, 40)
    const after = apply(activity, composite(one.edits))!
    expect(decisionOf(after.key, 'z', one.ids[0]!)).toBe('BELONGS')
    const copy = pageCopy(page, activity.key, 1, 'Again')
    const twice = apply(activity, composite(copy.edits))!
    expect(Object.keys(twice.key.decisions)).toHaveLength(2)
    expect(Object.keys(twice.key.rules)).toHaveLength(2)
    expect(twice.pages[1]!.items).toHaveLength(4)
  })

  it('leave behind joins to what was not taken along', () => {
    const { items } = renewed([wire])
    expect(items[0]!.kind === 'line' && (items[0]!.look.from ?? items[0]!.look.to)).toBeUndefined()
  })
})

describe('what is typed', () => {
  const style = { size: 40, bold: false, colour: '#000000', align: 'LEFT' as const }
  it('is kept as it was after going through the field', () => {
    const said = {
      text: 'Look up\n🔭 ذنب\n',
      style,
      spans: [
        { from: 0, to: 4, look: { bold: true, size: 60 } },
        { from: 5, to: 7, look: { colour: '#aa2200', script: 'SUPER' as const } },
      ],
      paragraphs: [{ align: 'RIGHT' as const }, { list: 'BULLET' as const }, {}],
    }
    expect(fromDoc(toDoc(said), style)).toEqual(said)
  })

  it('leaves out what the box says anyway, and joins neighbours that look the same', () => {
    const spans = [
      { from: 0, to: 2, look: { size: 40 } },
      { from: 2, to: 4, look: { bold: true } },
      { from: 4, to: 6, look: { bold: true } },
    ]
    expect(fromDoc(toDoc({ text: 'abcdef', style, spans }), style).spans).toEqual([
      { from: 2, to: 6, look: { bold: true } },
    ])
  })
})
