import { describe, expect, it } from 'vitest'
import { isNearlyStraight } from '@/present/model/hands'
import { keyOf } from '@/present/model/keys'
import { tailPath } from '@/present/recording/tail'
import { again, clockWords, isOver, paused, shown, started } from '@/present/model/timers'

describe('timers', () => {
  it('count down by the time of day, so that a screen that slept loses nothing', () => {
    const timer = started('countdown', 60_000, 1_000)
    expect(shown(timer, 1_000)).toBe(60_000)
    expect(shown(timer, 41_000)).toBe(20_000)
    expect(isOver(timer, 60_999)).toBe(false)
    expect(isOver(timer, 61_000)).toBe(true)
    expect(shown(timer, 500_000)).toBe(0)
  })
  it('hold while they are paused, and go on from there', () => {
    const held = paused(started('stopwatch', 0, 0), 5_000)
    expect(shown(held, 90_000)).toBe(5_000)
    const on = paused(held, 90_000)
    expect(shown(on, 92_000)).toBe(7_000)
    expect(shown(again(on, 92_000), 93_000)).toBe(1_000)
    expect(shown(again(held, 92_000), 99_000)).toBe(0)
  })
  it('are read as a clock is', () => {
    expect(clockWords(300_000)).toBe('5:00')
    expect(clockWords(299_001)).toBe('5:00')
    expect(clockWords(299_000)).toBe('4:59')
    expect(clockWords(1)).toBe('0:01')
    expect(clockWords(3_845_000)).toBe('1:04:05')
    expect(clockWords(59_999, true)).toBe('0:59')
  })
})

describe('the tail of the pointer', () => {
  it('has a head where the pointer is, and grows thinner the longer ago it was there', () => {
    expect(tailPath([], 0)).toBe('')
    const widths = [
      ...tailPath(
        [
          { x: 0, y: 0, time: 0 },
          { x: 50, y: 0, time: 300 },
        ],
        300,
      ).matchAll(/a([\d.]+) /g),
    ]
    const radii = widths.map((one) => Number(one[1]))
    expect(radii[0]).toBeLessThan(radii.at(-1)!)
    expect(radii.at(-1)).toBe(13)
    // What was long ago is gone, the head stays as long as it is held.
    expect(
      tailPath(
        [
          { x: 0, y: 0, time: 0 },
          { x: 50, y: 0, time: 10 },
        ],
        9_000,
      ).match(/M/g),
    ).toHaveLength(1)
  })
})

describe('a stroke that is meant to be straight', () => {
  const points = (n: number, at: (share: number) => [number, number]) =>
    Array.from({ length: n }, (_, i) => at(i / (n - 1))).map(([x, y]) => ({ x, y }))
  it('stays near the way between its ends', () => {
    expect(isNearlyStraight(points(30, (t) => [400 * t, 8 * Math.sin(20 * t)]))).toBe(true)
    expect(isNearlyStraight(points(30, (t) => [400 * t, 300 * t]))).toBe(true)
  })
  it('is no curve, no circle, no word, and no dot', () => {
    const turn = (t: number): [number, number] => [100 * Math.cos(Math.PI * t), 100 * Math.sin(Math.PI * t)]
    expect(isNearlyStraight(points(30, turn))).toBe(false)
    expect(isNearlyStraight(points(60, (t) => turn(1.9 * t)))).toBe(false)
    expect(isNearlyStraight(points(60, (t) => [300 * t, 30 * Math.sin(60 * t)]))).toBe(false)
    expect(isNearlyStraight(points(5, (t) => [20 * t, 0]))).toBe(false)
    expect(isNearlyStraight([])).toBe(false)
  })
})

describe('keys in front of a class', () => {
  const press = (key: string, on: Element = document.body, more: KeyboardEventInit = {}) => {
    if (on !== document.body) document.body.append(on)
    let does: ReturnType<typeof keyOf> = null
    const listen = (event: Event) => (does = keyOf(event as KeyboardEvent))
    window.addEventListener('keydown', listen, { once: true })
    on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }))
    return does as ReturnType<typeof keyOf>
  }
  it('take tools, whatever case', () => {
    expect(press('p')).toEqual({ is: 'tool', tool: 'pen' })
    expect(press('P')).toEqual({ is: 'tool', tool: 'pen' })
    expect(press('PageDown')).toEqual({ is: 'page', by: 1 })
    expect(press('z', document.body, { ctrlKey: true })).toEqual({ is: 'undo' })
  })
  it('leave alone what is typed, what the browser needs, and what a piece needs', () => {
    expect(press('p', document.createElement('input'))).toBeNull()
    expect(press('p', document.body, { ctrlKey: true })).toBeNull()
    const piece = document.createElementNS('http://www.w3.org/2000/svg', 'g')
    piece.setAttribute('data-piece', 'sun')
    for (const key of ['r', 'R', 't', 'o', ',', '.', 'ArrowLeft', 'Enter', ' ', 'Escape'])
      expect(press(key, piece), key).toBeNull()
    expect(press('p', piece)).toEqual({ is: 'tool', tool: 'pen' })
  })
})
