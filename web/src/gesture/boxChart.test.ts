import { describe, expect, it } from 'vitest'
import type { Frame } from '@/api/schema'
import { middle, turned } from '@/page/geometry'
import { pulled } from './boxChart'

const box: Frame = { x: 100, y: 100, width: 200, height: 100, turn: 0 }
const corner = (frame: Frame, x: number, y: number) => {
  const m = middle(frame)
  const v = turned({ x: (x * frame.width) / 2, y: (y * frame.height) / 2 }, frame.turn)
  return { x: m.x + v.x, y: m.y + v.y }
}

describe('pulling a box', () => {
  it('moves by as much as the pointer did', () => {
    expect(pulled(box, 'move', { x: 5, y: 5 }, { x: 15, y: 2 }, false, false)).toMatchObject({
      x: 110,
      y: 97,
    })
  })

  it.each([0, 30, 90, 135, 260])('keeps the corner across where it is, turned by %i°', (turn) => {
    const frame = { ...box, turn }
    const after = pulled(frame, 'se', { x: 0, y: 0 }, { x: 37, y: 21 }, false, false)
    expect(corner(after, -1, -1).x).toBeCloseTo(corner(frame, -1, -1).x)
    expect(corner(after, -1, -1).y).toBeCloseTo(corner(frame, -1, -1).y)
  })

  it('keeps the ratio when asked and never gets too small to be picked up', () => {
    const larger = pulled(box, 'se', { x: 0, y: 0 }, { x: 100, y: 0 }, true, false)
    expect(larger.width / larger.height).toBeCloseTo(2)
    const least = pulled(box, 'nw', { x: 0, y: 0 }, { x: 9999, y: 9999 }, true, false)
    expect(Math.min(least.width, least.height)).toBeGreaterThanOrEqual(12)
  })

  it('turns so that the handle points to the pointer, by 15° steps with Shift', () => {
    const right = { x: 999, y: 150 }
    expect(pulled(box, 'turn', { x: 0, y: 0 }, right, false, false).turn).toBe(90)
    const nearly = { x: 400, y: 100 }
    expect(pulled(box, 'turn', { x: 0, y: 0 }, nearly, false, true).turn % 15).toBe(0)
  })
})
