import { describe, expect, it } from 'vitest'
import { seenNear, type Alpha } from './alpha'

const drawn = (seen: (x: number, y: number) => boolean): Alpha => ({
  width: 40,
  height: 30,
  values: Array.from({ length: 1200 }, (_, i) => (seen(i % 40, Math.floor(i / 40)) ? 255 : 0)),
})

describe('whether a press means what is seen of a picture', () => {
  const dot = drawn((x, y) => x >= 18 && x < 22 && y >= 13 && y < 17)
  it('is so on it and as near to it as a finger is exact, and no further', () => {
    expect(seenNear(dot, { x: 20, y: 15 }, 0)).toBe(true)
    expect(seenNear(dot, { x: 27, y: 15 }, 6)).toBe(true)
    expect(seenNear(dot, { x: 30, y: 15 }, 6)).toBe(false)
    expect(seenNear(dot, { x: 27, y: 22 }, 6)).toBe(false)
  })
  it('agrees with looking at every pixel, wherever one presses', () => {
    const seed = drawn((x, y) => (x * 7 + y * 13) % 29 === 0)
    for (let i = 0; i < 2000; i++) {
      const at = { x: (i * 37) % 41, y: (i * 23) % 31 }
      const near = i % 7
      let found = false
      for (let y = 0; y < 30; y++)
        for (let x = 0; x < 40; x++)
          if ((x * 7 + y * 13) % 29 === 0 && Math.hypot(x + 0.5 - at.x, y + 0.5 - at.y) <= near + 0.71)
            found = true
      expect(seenNear(seed, at, near)).toBe(found)
    }
  })
})
