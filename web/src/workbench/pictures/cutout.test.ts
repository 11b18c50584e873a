import { describe, expect, it } from 'vitest'
import { zoneHas } from '@/page/zones'
import { outlineOf } from './cutout'

const W = 120
const H = 90
const drawn = (seen: (x: number, y: number) => boolean) =>
  Array.from({ length: W * H }, (_, i) => (seen((i % W) + 0.5, Math.floor(i / W) + 0.5) ? 255 : 0))
const frame = { x: 0, y: 0, width: W, height: H, turn: 0 }
/** Of all pixels, how many the outline has otherwise than the picture. */
function wrong(seen: (x: number, y: number) => boolean): number {
  const corners = outlineOf(drawn(seen), W, H)!
  expect(corners.length).toBeLessThanOrEqual(60)
  let count = 0
  for (let y = 0.5; y < H; y++)
    for (let x = 0.5; x < W; x++)
      if (zoneHas({ frame, shape: { kind: 'POLYGON', corners } }, { x, y }) !== seen(x, y)) count++
  return count / (W * H)
}

describe('the outline of a picture that is see-through in part', () => {
  it('lies on what is seen, pixel for pixel but for its edge', () => {
    expect(wrong((x, y) => Math.hypot(x - 60, y - 45) < 38)).toBeLessThan(0.02)
    expect(wrong((x, y) => Math.abs(x - 60) + Math.abs(y - 45) < 40)).toBeLessThan(0.02)
    // A crescent has a hollow that is not part of it.
    expect(wrong((x, y) => Math.hypot(x - 55, y - 45) < 40 && Math.hypot(x - 75, y - 45) > 34)).toBeLessThan(
      0.02,
    )
    // It may reach the edge of its box.
    expect(wrong((x) => x < 70)).toBeLessThan(0.02)
  })
  it('is that of the largest part, and hollows within it are filled', () => {
    const corners = outlineOf(
      drawn((x, y) => Math.hypot(x - 70, y - 45) < 36 && Math.hypot(x - 70, y - 45) > 18),
      W,
      H,
    )!
    const has = (x: number, y: number) => zoneHas({ frame, shape: { kind: 'POLYGON', corners } }, { x, y })
    expect(has(70, 45)).toBe(true)
    expect(has(8, 8)).toBe(false)
  })
  it('is none for a box, and for next to nothing', () => {
    expect(
      outlineOf(
        drawn(() => true),
        W,
        H,
      ),
    ).toBeNull()
    expect(
      outlineOf(
        drawn(() => false),
        W,
        H,
      ),
    ).toBeNull()
    expect(
      outlineOf(
        drawn((x, y) => x < 6 && y < 6),
        W,
        H,
      ),
    ).toBeNull()
  })
})
