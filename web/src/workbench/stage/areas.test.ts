import { describe, expect, it } from 'vitest'
import { areaAround } from './areas'

describe('a hot area', () => {
  it('is what was drawn around, each corner within its frame', () => {
    const ring = [...Array(200).keys()].map((i) => ({
      x: 500 + 120 * Math.cos(i / 32),
      y: 400 + 90 * Math.sin(i / 32),
    }))
    const area = areaAround(ring)
    expect(area.frame.x).toBeCloseTo(380, 0)
    expect(area.frame.width).toBeCloseTo(240, 0)
    expect(area.outline.length).toBeGreaterThan(6)
    expect(area.outline.length).toBeLessThan(60)
    for (const corner of area.outline) {
      expect(corner.x).toBeGreaterThanOrEqual(0)
      expect(corner.x).toBeLessThanOrEqual(1)
      expect(corner.y).toBeGreaterThanOrEqual(0)
      expect(corner.y).toBeLessThanOrEqual(1)
    }
  })
  it('is a box around a single point, and stays on the page', () => {
    expect(areaAround([{ x: 800, y: 500 }]).frame).toMatchObject({ x: 680, y: 410, width: 240 })
    expect(areaAround([{ x: 1590, y: 5 }]).frame).toMatchObject({ x: 1360, y: 0 })
    const out = areaAround([
      { x: -50, y: 100 },
      { x: 300, y: 100 },
      { x: 300, y: 400 },
    ])
    expect(out.frame.x).toBe(0)
  })
})
