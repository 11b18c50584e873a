import { describe, expect, it } from 'vitest'
import type { Item } from '@/api/schema'
import { asDone } from './placedItems'
import { sized, wholeOf } from './sized'
import { fitSaid } from './wordFit'

const said = fitSaid(
  {
    text: 'a long comet',
    style: { size: 40, bold: true, colour: '#222222', align: 'CENTRE' },
    spans: [{ from: 0, to: 1, look: { size: 60 } }],
  },
  null,
)
const words: Item = {
  kind: 'words',
  id: 'w',
  frame: { x: 100, y: 50, width: said.width, height: said.height, turn: 10 },
  movement: { kind: 'free' },
  description: '',
  content: said.content,
}

describe('a piece that is drawn smaller', () => {
  it('keeps its middle, its turn and its lines, and comes back whole', () => {
    const small = sized(words, 0.5)
    expect(small.frame.width).toBeCloseTo(words.frame.width / 2, 9)
    expect(small.frame.x + small.frame.width / 2).toBeCloseTo(words.frame.x + words.frame.width / 2, 9)
    expect(small.frame.turn).toBe(10)
    const whole = wholeOf(small.frame, words.frame)
    for (const part of ['x', 'y', 'width', 'height'] as const)
      expect(whole[part]).toBeCloseTo(words.frame[part], 9)
    if (small.kind !== 'words' || words.kind !== 'words') throw new Error('words')
    expect(small.content.lines.map((line) => line.text)).toEqual(words.content.lines.map((line) => line.text))
    expect(small.content.style.size).toBe(20)
    expect(small.content.lines[0]!.width).toBeCloseTo(words.content.lines[0]!.width / 2, 9)
    expect(small.content.lines[0]!.runs![0]!.look.size).toBe(30)
  })
  it('is as it is where nothing is said of its size', () => {
    expect(sized(words, undefined)).toBe(words)
  })
  it('moves by what it is moved by, and by nothing else', () => {
    const drawn = (x: number) =>
      asDone([words], {
        pieces: { w: { x, y: 300, settled: false, tries: 0, solvedAt: 0, putAt: 1, scale: 0.4 } },
      } as never)[0]!.item.frame
    let now = drawn(500)
    for (let step = 0; step < 10; step++) now = drawn(wholeOf(now, words.frame).x + 5)
    expect(now.x - drawn(500).x).toBeCloseTo(50, 6)
  })
  it('lies in work about the middle of where it was put', () => {
    const piece = { x: 500, y: 300, settled: true, tries: 1, solvedAt: 1, putAt: 1, scale: 0.5 }
    const [one] = asDone([words], { pieces: { w: piece } } as never)
    expect(one!.item.frame.x + one!.item.frame.width / 2).toBeCloseTo(500 + words.frame.width / 2, 9)
    expect(one!.item.frame.width).toBeCloseTo(words.frame.width / 2, 9)
  })
})
