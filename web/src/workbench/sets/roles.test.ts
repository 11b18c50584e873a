import { describe, expect, it } from 'vitest'
import type { Activity, Item, Page } from '@/api/schema'
import { fitSaid } from '@/page/wordFit'
import { composite } from '@/workbench/edits/copies'
import { apply } from '@/workbench/edits/mirror'
import { hasRole, restyled, roleOn, ROLES } from './roles'

const frame = { x: 100, y: 100, width: 300, height: 200, turn: 0 }
const words = (id: string, size: number, bold: boolean, free = false, colour = '#222222'): Item => {
  const fit = fitSaid({ text: id, style: { size, bold, colour, align: 'CENTRE' } }, null)
  return {
    kind: 'words',
    id,
    frame: { ...frame, width: fit.width, height: fit.height },
    movement: { kind: free ? 'free' : 'fixed' },
    description: '',
    content: fit.content,
  }
}
const zone = (id: string, kind?: 'GLASS' | 'HIDDEN'): Item => ({
  kind: 'zone',
  id,
  frame,
  movement: { kind: 'fixed' },
  description: '',
  label: id,
  ...(kind ? { look: { kind, colour: '#ff0000' } } : {}),
})
const line: Item = {
  kind: 'line',
  id: 'line',
  frame,
  movement: { kind: 'fixed' },
  description: '',
  look: {
    points: [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
    ],
    curved: false,
    colour: '#111111',
    thickness: 4,
    dash: 'SOLID',
    start: 'PLAIN',
    end: 'ARROW',
  },
}
const page = (id: string, items: Item[]): Page => ({ id, name: id, paper: { colour: '#ffffff' }, items })
const pages = [
  page('p1', [
    words('Title', 60, true),
    words('text', 34, false),
    words('sun', 34, true, true),
    zone('tray'),
  ]),
  page('p2', [
    words('Next', 60, true),
    words('Other', 52, true, false, '#880000'),
    zone('glass', 'GLASS'),
    zone('unseen', 'HIDDEN'),
    line,
  ]),
]
const activity = { title: 'A', pages, key: { decisions: {}, rules: {} } } as Activity
const after = (edits: ReturnType<typeof restyled>) => apply(activity, composite(edits.flat()))!.pages

describe('the styles of an activity', () => {
  it('give each thing one role, and a label its zone tools', () => {
    const named = (role: (typeof ROLES)[number]) =>
      pages.flatMap((one) => one.items.filter((item) => hasRole(item, role)).map((item) => item.id))
    expect(named('TITLE')).toEqual(['Title', 'Next', 'Other'])
    expect(named('TEXT')).toEqual(['text'])
    expect(named('CARD')).toEqual(['sun'])
    expect(named('ZONE')).toEqual(['tray'])
    expect(named('LABEL')).toEqual(['tray', 'glass'])
    expect(named('LINE')).toEqual(['line'])
  })
  it('are read as most of a role have it', () => {
    expect(roleOn(pages, 'TITLE')).toMatchObject({ count: 3, look: { size: 60, colour: '#222222' } })
    expect(roleOn([], 'TITLE').count).toBe(0)
  })
  it('change on all pages as one step, measured anew about their middle, and touch nothing else', () => {
    const now = after(restyled(pages, 'TITLE', { size: 80 }))
    for (const [p, id] of [
      [0, 'Title'],
      [1, 'Next'],
      [1, 'Other'],
    ] as const) {
      const was = pages[p]!.items.find((item) => item.id === id)!
      const is = now[p]!.items.find((item) => item.id === id)!
      expect(is).toMatchObject({ content: { style: { size: 80 } } })
      expect(is.frame.width).toBeGreaterThan(was.frame.width)
      expect(is.frame.x + is.frame.width / 2).toBeCloseTo(was.frame.x + was.frame.width / 2, 6)
    }
    const others = (all: Page[]) => all.flatMap((one) => one.items.filter((item) => !hasRole(item, 'TITLE')))
    expect(others(now)).toEqual(others(pages))
    // Its colour stays a title's own where only the size was changed.
    expect(now[1]!.items[1]).toMatchObject({ content: { style: { colour: '#880000' } } })
  })
  it('keep what they are after any change that is offered', () => {
    const changes = {
      TITLE: { size: 48 },
      TEXT: { size: 120 },
      CARD: { bold: false },
      LINE: { thickness: 9 },
    } as const
    for (const [role, change] of Object.entries(changes)) {
      const edits = restyled(pages, role as 'TITLE', change)
      const now = after(edits)
      const ids = (all: Page[]) =>
        all.flatMap((one) =>
          one.items.filter((item) => hasRole(item, role as 'TITLE')).map((item) => item.id),
        )
      expect(ids(now)).toEqual(ids(pages))
      expect(restyled(now, role as 'TITLE', change).flat()).toEqual([])
    }
  })
  it('leave glass and unseen zones their own colours, and a label may stand elsewhere on both', () => {
    const zones = after(restyled(pages, 'ZONE', { colour: '#0b5d66', kind: 'DASHED' }))
    expect(zones[0]!.items[3]).toMatchObject({ look: { kind: 'DASHED', colour: '#0b5d66' } })
    expect(zones[1]).toEqual(pages[1])
    const labels = after(restyled(pages, 'LABEL', { label: 'ABOVE' }))
    expect(labels[1]!.items[2]).toMatchObject({ look: { kind: 'GLASS', label: 'ABOVE' } })
    expect(labels[1]!.items[3]).toEqual(pages[1]!.items[3])
  })
})
