import { describe, expect, it } from 'vitest'
import type { Zone } from '@/api/schema'
import { readingAt } from './reading'

const zone = (id: string, scale?: object): Zone =>
  ({
    kind: 'zone',
    id,
    frame: { x: 100, y: 400, width: 1120, height: 160, turn: 0 },
    description: '',
    label: '',
    movement: { kind: 'fixed' },
    ...(scale ? { scale } : {}),
  }) as Zone
const held = (x: number) => ({ x: x - 40, y: 420, width: 80, height: 80, turn: 0 })
const line = zone('line', { from: -10, to: 10, step: 1, numbered: 1, snaps: true })

describe('what is read on a number line while something is held over it', () => {
  it('is the closest tick where it snaps, and a tenth of a step where it does not', () => {
    // From 160 to 1160 the line runs, 50 a step.
    expect(readingAt([line], ['line'], held(160 + 12 * 50 + 20))).toMatchObject({ words: '2', x: 660 })
    expect(readingAt([line], ['line'], held(170))).toMatchObject({ words: '−10' })
    const free = zone('free', { ...line.scale, snaps: false })
    expect(readingAt([free], ['free'], held(160 + 12 * 50 + 20))).toMatchObject({ words: '2.4', x: 680 })
    const thirds = zone('thirds', { from: 0, to: 1, step: 0.1, numbered: 1, snaps: false })
    expect(readingAt([thirds], ['thirds'], held(160 + 733))!.words).toBe('0.73')
  })
  it('is nothing beside a line, or over a zone without one', () => {
    expect(readingAt([line], [], held(300))).toBeNull()
    expect(readingAt([zone('tray')], ['tray'], held(300))).toBeNull()
  })
})
