import { describe, expect, it } from 'vitest'
import type { Outline } from '@/page/geometry'
import { NEAR, snapped, within } from './guides'

const box = (left: number, top: number, width = 100, height = 80): Outline => ({
  left,
  top,
  right: left + width,
  bottom: top + height,
})

describe('guides', () => {
  it('bring an edge to an edge that is near, and show the line', () => {
    const snap = snapped(box(305, 500), [box(300, 200)])
    expect(snap.dx).toBe(-5)
    expect(snap.lines).toContainEqual([300, 200, 300, 580])
  })

  it('bring a middle to the middle of the page', () => {
    const snap = snapped(box(747, 300), [])
    expect(snap.dx).toBe(3)
  })

  it('leave alone what is near nothing', () => {
    expect(snapped(box(333, 333), [box(50, 50, 33, 33)])).toEqual({ dx: 0, dy: 0, lines: [] })
  })

  it('make equal gaps between two neighbours', () => {
    const row = [box(200, 300), box(620, 303)]
    const snap = snapped(box(407, 301), row)
    // Free room is 620 - 300 - 100 = 220: 110 on each side.
    expect(407 + snap.dx).toBe(410)
  })

  it('go on with the gap of a row', () => {
    const row = [box(100, 303), box(240, 303)]
    const snap = snapped(box(384, 333, 77, 55), row)
    expect(384 + snap.dx).toBe(380)
    expect(snap.lines.length).toBeGreaterThan(1)
  })

  it('never move anything further than they say', () => {
    for (let i = 0; i < 500; i++) {
      const at = (n: number) => (i * n * 7919) % 1400
      const snap = snapped(box(at(1), at(2) % 900), [box(at(3), at(5) % 900), box(at(7), at(11) % 900)])
      expect(Math.abs(snap.dx)).toBeLessThanOrEqual(NEAR)
      expect(Math.abs(snap.dy)).toBeLessThanOrEqual(NEAR)
    }
  })

  it('count what lies wholly within a box drawn around it', () => {
    expect(within(box(10, 10), box(0, 0, 200, 200))).toBe(true)
    expect(within(box(150, 10), box(0, 0, 200, 200))).toBe(false)
  })
})
