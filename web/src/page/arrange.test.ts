import { describe, expect, it } from 'vitest'
import type { Frame } from '@/api/schema'
import { arranged, transformed, type Arrangement } from './arrange'
import { outline } from './geometry'

/** Small fixed-seed numbers (mulberry32, common practice), so that a failure comes again. */
function numbers(seed: number) {
  return () => {
    seed = (seed + 0x6d2b79f5) | 0
    let t = Math.imul(seed ^ (seed >>> 15), 1 | seed)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

function frames(seed: number, count: number): Frame[] {
  const next = numbers(seed)
  return Array.from({ length: count }, () => ({
    x: next() * 1400,
    y: next() * 800,
    width: 20 + next() * 200,
    height: 20 + next() * 200,
    turn: Math.floor(next() * 8) * 45,
  }))
}

const EDGES = [
  ['LEFT', 'left'],
  ['RIGHT', 'right'],
  ['TOP', 'top'],
  ['BOTTOM', 'bottom'],
] as const

describe('arranging several', () => {
  it.each(EDGES)('%s brings the seen edges onto one line, turned or not', (how, edge) => {
    for (let seed = 1; seed < 20; seed++) {
      const before = frames(seed, 6)
      const wanted = Math[how === 'LEFT' || how === 'TOP' ? 'min' : 'max'](
        ...before.map((one) => outline(one)[edge]),
      )
      arranged(before, how).forEach((one) => expect(outline(one)[edge]).toBeCloseTo(wanted, 6))
    }
  })

  it.each(EDGES)('%s moves along one way only, and a second time changes nothing', (how) => {
    const before = frames(3, 6)
    const once = arranged(before, how)
    once.forEach((one, i) => {
      const still = how === 'LEFT' || how === 'RIGHT' ? 'y' : 'x'
      expect(one[still]).toBe(before[i]![still])
      expect([one.width, one.height, one.turn]).toEqual([
        before[i]!.width,
        before[i]!.height,
        before[i]!.turn,
      ])
    })
    arranged(once, how).forEach((one, i) => {
      expect(one.x).toBeCloseTo(once[i]!.x, 6)
      expect(one.y).toBeCloseTo(once[i]!.y, 6)
    })
  })

  it.each(['SPREAD_ACROSS', 'SPREAD_DOWN'] as const)(
    '%s leaves the two outermost and makes the gaps equal',
    (how) => {
      const [near, far] =
        how === 'SPREAD_ACROSS' ? (['left', 'right'] as const) : (['top', 'bottom'] as const)
      const wide = [0, 130, 900, 1300].map((at) => ({ x: at, y: at, width: 100, height: 80, turn: 0 }))
      const after = arranged(wide, how)
        .map(outline)
        .sort((a, b) => a[near] - b[near])
      const gaps = after.slice(1).map((one, i) => one[near] - after[i]![far])
      gaps.forEach((gap) => expect(gap).toBeCloseTo(gaps[0]!, 6))
      expect(after[0]![near]).toBe(0)
      expect(after[3]![near]).toBeCloseTo(1300, 6)
    },
  )

  it('spreads what overlaps by its middles, for there is no gap to make equal', () => {
    const crowd = [0, 10, 60, 90].map((at) => ({ x: at, y: 0, width: 100, height: 80, turn: 0 }))
    expect(arranged(crowd, 'SPREAD_ACROSS').map((one) => one.x)).toEqual([0, 30, 60, 90])
  })

  it('has nothing to spread between two', () => {
    const two = frames(5, 2)
    expect(arranged(two, 'SPREAD_ACROSS')).toEqual(two)
  })

  it.each(['SAME_WIDTH', 'SAME_HEIGHT', 'SAME_SIZE'] as Arrangement[])(
    '%s takes the size of the first and leaves every middle where it was',
    (how) => {
      const before = frames(9, 5)
      arranged(before, how).forEach((one, i) => {
        const was = before[i]!
        expect(one.width).toBe(how === 'SAME_HEIGHT' ? was.width : before[0]!.width)
        expect(one.height).toBe(how === 'SAME_WIDTH' ? was.height : before[0]!.height)
        expect(one.x + one.width / 2).toBeCloseTo(was.x + was.width / 2, 6)
        expect(one.y + one.height / 2).toBeCloseTo(was.y + was.height / 2, 6)
      })
    },
  )
})

describe('moving, scaling and turning several', () => {
  const about = { x: 500, y: 300 }

  it('is undone by its inverse', () => {
    for (const frame of frames(11, 20)) {
      const there = transformed(frame, { about, dx: 0, dy: 0, scale: 2, turn: 35 })
      const back = transformed(there, { about, dx: 0, dy: 0, scale: 0.5, turn: -35 })
      for (const part of ['x', 'y', 'width', 'height', 'turn'] as const)
        expect(back[part]).toBeCloseTo(frame[part], 6)
    }
  })

  it('keeps every distance in the same ratio', () => {
    const [a, b] = frames(12, 2).map((one) => ({ ...one, turn: 0 })) as [Frame, Frame]
    const far = (one: Frame, two: Frame) =>
      Math.hypot(
        one.x + one.width / 2 - two.x - two.width / 2,
        one.y + one.height / 2 - two.y - two.height / 2,
      )
    const by = { about, dx: 17, dy: -4, scale: 1.5, turn: 110 }
    expect(far(transformed(a, by), transformed(b, by))).toBeCloseTo(far(a, b) * 1.5, 6)
  })

  it('never leaves the bounds an item has', () => {
    const one = { x: 15000, y: -15000, width: 10, height: 9000, turn: 0 }
    const grown = transformed(one, { about: { x: 0, y: 0 }, dx: 0, dy: 0, scale: 10, turn: 0 })
    expect(grown).toMatchObject({ x: 16000, y: -16000, width: 100, height: 16000 })
    expect(transformed(one, { about, dx: 0, dy: 0, scale: 0.01, turn: 0 }).width).toBe(4)
  })
})
