import { describe, expect, it } from 'vitest'
import { panned, WHOLE, zoomed } from './zoom'

describe('a page that is shown larger', () => {
  const [width, height] = [1600, 1000]
  it('keeps what lies under the fingers, and covers its place, whatever they do', () => {
    let zoom = WHOLE
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    for (let i = 0; i < 2000; i++) {
      const at = { x: random() * width, y: random() * height }
      const was = zoom
      zoom =
        random() < 0.5
          ? zoomed(was, at, 0.5 + random() * 1.5, width, height)
          : panned(was, random() * 900 - 450, random() * 900 - 450, width, height)
      expect(zoom.scale).toBeGreaterThanOrEqual(1)
      expect(zoom.scale).toBeLessThanOrEqual(8)
      expect(zoom.x).toBeLessThanOrEqual(0)
      expect(zoom.y).toBeLessThanOrEqual(0)
      expect(zoom.x + width * zoom.scale).toBeGreaterThanOrEqual(width - 1e-6)
      expect(zoom.y + height * zoom.scale).toBeGreaterThanOrEqual(height - 1e-6)
    }
    const at = { x: 900, y: 400 }
    const near = zoomed(WHOLE, at, 3, width, height)
    expect((at.x - near.x) / near.scale).toBeCloseTo(at.x, 9)
    expect((at.y - near.y) / near.scale).toBeCloseTo(at.y, 9)
    expect(zoomed(near, at, 0.01, width, height)).toEqual({ scale: 1, x: 0, y: 0 })
  })
})
