import { describe, expect, it } from 'vitest'
import { effectScope, ref } from 'vue'
import type { Act, AttemptState, DrawnStroke } from '@/api/schema'
import { COLOURS, MOST_POINTS, MOST_STROKES, useDrawingTool } from '@/work/ink/drawingTool'
import { useUndo } from '@/work/rules/undo'
import { ownAfter } from './own'

const stroke = (id: string): DrawnStroke => ({
  id,
  stroke: { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID', points: [0, 0, 128, 90, 90, 128] },
})
const draw = (pageId: string, drawn: string[], gone: string[] = []): Act => ({
  kind: 'draw',
  pageId,
  drawn: drawn.map(stroke),
  gone,
})
const file = { sha256: 'a'.repeat(64), name: 'Recording', mediaType: 'audio/webm' }
const say = (id: string, seconds: number): Act => ({
  kind: 'say',
  pageId: 'p',
  recording: { id, file, seconds },
})
type Own = AttemptState['own']
const after = (...acts: Act[]) => acts.reduce<Own>(ownAfter, undefined)
const ids = (own: Own, page = 'p') => (own?.[page]?.ink ?? []).map((one) => one.id)

describe('what is drawn and said on pages', () => {
  it('lies in its order, each on its page', () => {
    const own = after(draw('p', ['a']), draw('q', ['z']), draw('p', ['b']))
    expect(ids(own)).toEqual(['a', 'b'])
    expect(ids(own, 'q')).toEqual(['z'])
  })
  it('is there once, however often it comes, and passes over what is gone already', () => {
    const own = after(draw('p', ['a']), draw('p', ['a']), draw('p', ['a1'], ['a', 'nobody']))
    expect(ids(own)).toEqual(['a1'])
  })
  it('leaves no page behind on which nothing is left', () => {
    expect(
      after(draw('p', ['a']), say('r', 1), draw('p', [], ['a']), {
        kind: 'unsay',
        pageId: 'p',
        recordingId: 'r',
      }),
    ).toEqual({})
  })
  it('loses its ink and not its voice when the page starts again', () => {
    const own = after(draw('p', ['a']), say('r', 1), say('r', 2), { kind: 'start-again', pageId: 'p' })
    expect(own!.p!.ink ?? []).toEqual([])
    expect(own!.p!.said).toMatchObject([{ id: 'r', seconds: 2 }])
  })
  it('is left alone by everything else', () => {
    const own = after(draw('p', ['a']))
    expect(ownAfter(own, { kind: 'open', pageId: 'q' })).toBe(own)
  })
})

describe('a hand', () => {
  /** What the server has, and acts on their way to it. */
  function working() {
    const kept = ref<Own>(undefined)
    const page = ref('p')
    const waiting: (() => void)[] = []
    const make = (act: Act) =>
      new Promise<void>((done) =>
        waiting.push(() => {
          kept.value = ownAfter(kept.value, act)
          done()
        }),
      )
    const { hand, undo } = effectScope().run(() => {
      const undo = useUndo(() => page.value)
      const hand = useDrawingTool(
        () => page.value,
        () => kept.value,
        make,
        undo,
      )
      return { hand, undo }
    })!
    /** Lets the server answer everything. */
    const answer = async () => {
      while (waiting.length) {
        waiting.shift()!()
        await Promise.resolve()
      }
      await new Promise((done) => setTimeout(done))
    }
    return { hand, undo, kept, page, answer, seen: () => hand.ink.value.map((one) => one.id) }
  }

  it('shows a stroke before the server has it, and once when it has', async () => {
    const { hand, seen, answer, kept } = working()
    void hand.draw([stroke('a')], [])
    expect(seen()).toEqual(['a'])
    await answer()
    expect(seen()).toEqual(['a'])
    expect(ids(kept.value)).toEqual(['a'])
  })
  it('takes back stroke by stroke, erasing out as well, down to the empty page', async () => {
    const { hand, undo, seen, answer } = working()
    void hand.draw([stroke('a')], [])
    void hand.draw([stroke('b')], [])
    void hand.draw([stroke('a1'), stroke('a2')], ['a'])
    await answer()
    expect(seen()).toEqual(['b', 'a1', 'a2'])
    void undo.takeBack()
    expect(seen()).toHaveLength(2)
    expect(seen()).toContain('b')
    void undo.takeBack()
    expect(seen()).toHaveLength(1)
    void undo.takeBack()
    expect(seen()).toEqual([])
    await answer()
    expect(seen()).toEqual([])
    expect(undo.can.value).toBe(false)
  })
  it('wipes a page and brings it back', async () => {
    const { hand, undo, seen, answer } = working()
    void hand.draw([stroke('a')], [])
    void hand.draw([stroke('b')], [])
    void hand.wipe()
    expect(seen()).toEqual([])
    void undo.takeBack()
    await answer()
    expect(seen()).toHaveLength(2)
  })
  it('has no room for a stroke that would not be kept, and room again when something is rubbed out', async () => {
    const { hand, page, answer } = working()
    const many = Array.from({ length: MOST_STROKES }, (_, i) => stroke(`s${i}`))
    void hand.draw(many, [])
    expect(hand.room.value).toBe(0)
    await answer()
    expect(hand.room.value).toBe(0)
    void hand.draw([], ['s0'])
    expect(hand.room.value).toBe(MOST_POINTS - 2 * (MOST_STROKES - 1))
    // The points of all pages count, its strokes only for the page itself.
    page.value = 'q'
    await answer()
    const long = { ...stroke('l'), stroke: { ...stroke('l').stroke, points: Array(3 * 5000).fill(1) } }
    void hand.draw([long], [])
    expect(hand.room.value).toBe(MOST_POINTS - 2 * (MOST_STROKES - 1) - 5000)
  })
  it('moves things again on another page, and takes nothing back there', async () => {
    const { hand, undo, page, answer } = working()
    hand.take('pen')
    hand.dip(COLOURS[1]!.colour)
    void hand.draw([stroke('a')], [])
    await answer()
    page.value = 'q'
    await answer()
    expect(hand.tool.value).toBe('move')
    expect(undo.can.value).toBe(false)
    expect(hand.ink.value).toEqual([])
  })
})
