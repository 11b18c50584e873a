import { describe, expect, it } from 'vitest'
import { transformed } from '@/page/arrange'
import { asOne, matrix, still } from './asOne'

const box = { left: 100, top: 100, right: 500, bottom: 300 }

describe('pulling several as one', () => {
  it('scales about the corner that is opposite to the one in hand', () => {
    const by = asOne(box, 'se', { x: 500, y: 300 }, { x: 900, y: 500 }, false)
    expect(by).toMatchObject({ about: { x: 100, y: 100 }, turn: 0, dx: 0, dy: 0 })
    expect(by.scale).toBeCloseTo(2, 9)
    const other = asOne(box, 'nw', { x: 100, y: 100 }, { x: 300, y: 200 }, false)
    expect(other.about).toEqual({ x: 500, y: 300 })
    expect(other.scale).toBeCloseTo(0.5, 9)
  })

  it('brings the whole box where the hand is, and what lies in it along', () => {
    const by = asOne(box, 'se', { x: 500, y: 300 }, { x: 900, y: 500 }, false)
    const inside = transformed({ x: 400, y: 200, width: 100, height: 100, turn: 0 }, by)
    expect(inside.x + inside.width).toBeCloseTo(900, 6)
    expect(inside.y + inside.height).toBeCloseTo(500, 6)
  })

  it('never shrinks to nothing', () => {
    expect(asOne(box, 'se', { x: 500, y: 300 }, { x: 100, y: 100 }, false).scale).toBe(0.05)
  })

  it('turns about the middle as far as the hand went round it, by 15° steps when asked', () => {
    const top = { x: 300, y: 50 }
    expect(asOne(box, 'turn', top, { x: 450, y: 200 }, false)).toEqual(
      still({ about: { x: 300, y: 200 }, turn: 90 }),
    )
    const a = (20 * Math.PI) / 180
    const there = { x: 300 + 150 * Math.sin(a), y: 200 - 150 * Math.cos(a) }
    expect(asOne(box, 'turn', top, there, false).turn).toBe(20)
    expect(asOne(box, 'turn', top, there, true).turn).toBe(15)
  })

  it('is drawn as it will be kept', () => {
    const by = { about: { x: 300, y: 200 }, dx: 7, dy: -3, scale: 1.5, turn: 30 }
    expect(matrix(by)).toBe('translate(7 -3) translate(300 200) rotate(30) scale(1.5) translate(-300 -200)')
  })
})
