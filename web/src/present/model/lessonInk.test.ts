import { beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '@/api/client'
import type { DrawnStroke, Lesson } from '@/api/schema'
import { inkAfter, lessonInk, portions, type InkChange } from './lessonInk'

const stroke = (id: string): DrawnStroke => ({
  id,
  stroke: { tool: 'PEN', colour: '#1c2b33', width: 6, dash: 'SOLID', points: [0, 0, 128, 10, 10, 128] },
})
const lesson = (): Lesson => ({
  id: 'l',
  activityId: 'a',
  heldOn: '2026-11-30',
  ink: {},
  drawn: 0,
  groups: [],
  scales: {},
})
const ids = (all: DrawnStroke[] | undefined) => (all ?? []).map((one) => one.id)

function storage() {
  const all = new Map<string, string>()
  return {
    all,
    getItem: (key: string) => all.get(key) ?? null,
    setItem: (k: string, v: string) => void all.set(k, v),
  }
}

describe('the ink of a lesson', () => {
  beforeEach(() => vi.restoreAllMocks())

  it('is seen at once, in the order it was drawn, and a stroke is never there twice', () => {
    const one: InkChange = { pageId: 'p', drawn: [stroke('a'), stroke('b')], gone: [] }
    const two: InkChange = { pageId: 'p', drawn: [stroke('b'), stroke('c')], gone: ['a'] }
    expect(ids([one, two].reduce(inkAfter, {}).p)).toEqual(['b', 'c'])
  })

  it('goes in portions, and what goes away goes with the first', () => {
    const many = Array.from({ length: 1_201 }, (_, i) => stroke(String(i)))
    const sent = portions({ pageId: 'p', drawn: many, gone: ['x'] })
    expect(sent.map((one) => one.drawn.length)).toEqual([500, 500, 201])
    expect(sent.map((one) => one.gone)).toEqual([['x'], [], []])
    expect(portions({ pageId: 'p', drawn: [], gone: ['x'] })).toHaveLength(1)
  })

  it('lies in the browser while the network is away, and is sent when the page is opened again', async () => {
    const place = storage()
    let away = true
    const sent: InkChange[] = []
    vi.spyOn(client, 'post').mockImplementation(async (_path, body) => {
      if (away) throw new client.Refusal(0, 'away')
      sent.push(body as unknown as InkChange)
      return {} as never
    })
    const first = lessonInk(lesson(), place)
    first.change({ pageId: 'p', drawn: [stroke('a')], gone: [] })
    await vi.waitFor(() => expect(first.wrong.value).toContain('network is away'))
    expect(first.kept.value).toBe(false)
    away = false
    // The tab was closed in the middle.
    const again = lessonInk(lesson(), place)
    expect(ids(again.pages.value.p)).toEqual(['a'])
    await vi.waitFor(() => expect(again.kept.value).toBe(true))
    expect(ids(sent[0]!.drawn)).toEqual(['a'])
    expect(place.all.get('lesson-ink-l')).toBe('[]')
  })

  it('is undone in both directions', () => {
    vi.spyOn(client, 'post').mockResolvedValue({} as never)
    const ink = lessonInk(lesson(), storage())
    const draw: InkChange = { pageId: 'p', drawn: [stroke('a'), stroke('b')], gone: [] }
    const back = ink.inverse(draw)
    ink.change(draw)
    const wipe: InkChange = { pageId: 'p', drawn: [], gone: ['a', 'b'] }
    const unwipe = ink.inverse(wipe)
    ink.change(wipe)
    expect(ids(ink.pages.value.p)).toEqual([])
    ink.change(unwipe)
    expect(ids(ink.pages.value.p)).toEqual(['a', 'b'])
    ink.change(back)
    expect(ids(ink.pages.value.p)).toEqual([])
  })

  it('says so when a lesson is full, and goes on with what comes after', async () => {
    vi.spyOn(client, 'post')
      .mockRejectedValueOnce(new client.Refusal(422, 'This lesson has 10,000 strokes', '', 'lesson.strokes'))
      .mockResolvedValue({} as never)
    const ink = lessonInk(lesson(), storage())
    ink.change({ pageId: 'p', drawn: [stroke('a')], gone: [] })
    await vi.waitFor(() => expect(ink.kept.value).toBe(true))
    expect(ink.wrong.value).toContain('10,000 strokes')
  })
})
