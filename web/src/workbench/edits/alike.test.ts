import { describe, expect, it } from 'vitest'
import type { Item } from '@/api/schema'
import { madeAlike } from './alike'

const frame = (x: number, y: number, width: number, height: number) => ({ x, y, width, height, turn: 0 })
const picture = (id: string, more: object = {}): Item => ({
  kind: 'picture',
  id,
  frame: frame(100, 100, 160, 160),
  movement: { kind: 'free' },
  description: id,
  picture: { from: 'LIBRARY', name: '2600' },
  credit: '',
  ...more,
})
const zone = (id: string, more: object = {}): Item => ({
  kind: 'zone',
  id,
  frame: frame(100, 100, 480, 360),
  movement: { kind: 'fixed' },
  description: '',
  label: id,
  ...more,
})

describe('as the one before', () => {
  it('takes over size, movement and card, and keeps its own picture and place', () => {
    const model = picture('a', { frame: frame(700, 20, 90, 120), movement: { kind: 'fixed' }, bare: true })
    const edits = madeAlike('p', picture('b'), model)
    expect(edits.map((edit) => edit.kind)).toEqual(['set-body', 'set-frame', 'set-movement'])
    expect(edits[0]).toMatchObject({ item: { id: 'b', description: 'b', bare: true } })
    // About the same middle.
    expect(edits[1]).toMatchObject({ frame: frame(135, 120, 90, 120) })
  })
  it('has nothing to offer where they are alike, and takes no rail over', () => {
    expect(madeAlike('p', picture('b'), picture('a', { frame: frame(5, 5, 160, 160) }))).toEqual([])
    const onRail = picture('a', { movement: { kind: 'rail', from: { x: 0, y: 0 }, to: { x: 9, y: 9 } } })
    expect(madeAlike('p', picture('b'), onRail)).toEqual([])
  })
  it('makes a drop zone of the same form and look, with its own words on it', () => {
    const model = zone('a', { shape: { kind: 'ELLIPSE', corners: [] }, look: { kind: 'GLASS' } })
    expect(madeAlike('p', zone('b'), model)).toEqual([
      {
        kind: 'set-body',
        pageId: 'p',
        item: { ...zone('b'), shape: { kind: 'ELLIPSE', corners: [] }, look: { kind: 'GLASS' } },
      },
    ])
  })
})
