import { describe, expect, it } from 'vitest'
import type { Item, Page } from '@/api/schema'
import { composite } from '@/workbench/edits/copies'
import { apply } from '@/workbench/edits/mirror'
import { REACH, targetAt } from './targets'
import { bandAlong } from '@/workbench/edits/zoneForms'
import { zoneHas } from '@/page/zones'

const picture: Item = {
  kind: 'picture',
  id: 'scope',
  frame: { x: 400, y: 200, width: 400, height: 400, turn: 0 },
  movement: { kind: 'fixed' },
  description: 'telescope',
  picture: { from: 'LIBRARY', name: '1F52D' },
  credit: '',
}
const page: Page = { id: 'p', name: 'P', paper: { colour: '#ffffff' }, items: [picture] }
const after = (now: Page, edits: ReturnType<typeof targetAt>['edits']) =>
  apply({ title: 'A', pages: [now], key: { decisions: {}, rules: {} } } as never, composite(edits))!.pages[0]!
const groups = (now: Page) => new Set(now.items.map((item) => item.traits?.groups?.[0]))

describe('places for labels on a picture', () => {
  it('lie where one clicks, and aside on a line where one pulls away, all in one group', () => {
    const one = after(page, targetAt(page, picture, { x: 600, y: 300 }, { x: 610, y: 305 }).edits)
    expect(one.items.map((item) => item.kind)).toEqual(['picture', 'zone'])
    expect(one.items[1]!.frame).toMatchObject({ x: 600 - REACH, y: 300 - REACH, width: 2 * REACH })
    const two = after(one, targetAt(one, one.items[0]!, { x: 700, y: 500 }, { x: 1200, y: 550 }).edits)
    const [zone, line] = two.items.slice(-2)
    expect(line).toMatchObject({ kind: 'line', look: { start: 'DOT', to: zone!.id } })
    expect(zone).toMatchObject({ description: 'Place 2' })
    expect(groups(two).size).toBe(1)
  })
  it('stay on the page, however near to its edge', () => {
    for (const at of [
      { x: 0, y: 0 },
      { x: 1600, y: 1000 },
    ]) {
      const { frame } = after(page, targetAt(page, picture, at, at).edits).items[1]!
      expect(frame.x).toBeGreaterThanOrEqual(0)
      expect(frame.x + frame.width).toBeLessThanOrEqual(1600)
      expect(frame.y + frame.height).toBeLessThanOrEqual(1000)
    }
  })
})

describe('a line that takes pieces', () => {
  it('does so as near to it as it says, and not further', () => {
    const band = bandAlong(
      [
        { x: 200, y: 300 },
        { x: 600, y: 300 },
        { x: 900, y: 600 },
      ],
      40,
    )!
    const zone = { frame: band.frame, shape: band.shape }
    for (const at of [
      { x: 210, y: 330 },
      { x: 400, y: 265 },
      { x: 760, y: 455 },
    ])
      expect(zoneHas(zone, at)).toBe(true)
    for (const at of [
      { x: 400, y: 350 },
      { x: 400, y: 250 },
      { x: 760, y: 330 },
      { x: 150, y: 300 },
    ])
      expect(zoneHas(zone, at)).toBe(false)
  })
  it('is none along a point', () => {
    expect(bandAlong([{ x: 5, y: 5 }], 40)).toBeNull()
  })
})
