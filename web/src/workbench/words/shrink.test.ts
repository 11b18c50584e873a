import { describe, expect, it } from 'vitest'
import type { Item, WordStyle } from '@/api/schema'
import { fitSaid, type WidthOf } from '@/page/wordFit'
import { shrunk } from './shrink'

const style: WordStyle = { size: 60, bold: false, colour: '#1f2d33', align: 'LEFT' }
const half: WidthOf = (text, look) => text.length * look.size * 0.5
const common = { id: 'a', movement: { kind: 'fixed' as const }, description: '' }
const words = (text: string, width: number): Item => {
  const fit = fitSaid({ text, style }, width, half)
  return {
    ...common,
    kind: 'words',
    content: fit.content,
    frame: { x: 0, y: 0, width, height: fit.height, turn: 0 },
  }
}
const note = (text: string, width: number, height: number): Item => ({
  ...common,
  kind: 'note',
  colour: '#fbefd8',
  writable: false,
  words: fitSaid({ text, style }, width - 28, half).content,
  frame: { x: 0, y: 0, width, height, turn: 0 },
})

describe('shrinking words to fit', () => {
  it('gives a box of words one line less, in the largest letters that do', () => {
    const title = words('Where does the light of the moon come from', 1000)
    expect(title.kind === 'words' && title.content.lines.length).toBe(2)
    const smaller = shrunk(title, half)!
    expect(smaller.style.size).toBe(46)
    expect(
      fitSaid({ text: 'Where does the light of the moon come from', ...smaller }, 1000, half).content.lines,
    ).toHaveLength(1)
  })
  it('leaves words that take one line, and lines that somebody parted', () => {
    expect(shrunk(words('Moon', 400), half)).toBeNull()
    expect(shrunk(words('Moon\nSun', 400), half)).toBeNull()
  })
  it('fits the words of a note into it', () => {
    const smaller = shrunk(note('The brightest star of the night sky is Sirius', 300, 160), half)!
    const fit = fitSaid({ text: 'The brightest star of the night sky is Sirius', ...smaller }, 272, half)
    expect(fit.height).toBeLessThanOrEqual(160)
    expect(smaller.style.size).toBeGreaterThanOrEqual(18)
    expect(shrunk(note('Sirius', 300, 160), half)).toBeNull()
    expect(shrunk(note('x'.repeat(500), 100, 60), half)).toBeNull()
  })
  it('keeps the proportion of letters with a size of their own', () => {
    const title = words('Where does the light of the moon come from', 1000)
    if (title.kind !== 'words') throw new Error()
    const big = { ...title, content: { ...title.content, spans: [{ from: 0, to: 5, look: { size: 80 } }] } }
    const smaller = shrunk(big, half)!
    expect(smaller.spans[0]!.look.size! / smaller.style.size).toBeCloseTo(80 / 60, 1)
  })
})
