import { describe, expect, it } from 'vitest'
import type { Item, WordStyle } from '@/api/schema'
import { fitSaid } from '@/page/wordFit'
import { inStyle, restyles, styleOfItem } from './styles'

const frame = { x: 10, y: 20, width: 300, height: 200, turn: 0 }
const common = { id: 'a', frame, movement: { kind: 'fixed' as const }, description: '' }
const plain: WordStyle = { size: 40, bold: false, colour: '#1f2d33', align: 'LEFT' }
const loud: WordStyle = { size: 60, bold: true, colour: '#a8432b', align: 'CENTRE' }
const said = (style: WordStyle) => fitSaid({ text: 'Moon', style }, 300).content
const words = (style: WordStyle): Item => ({ ...common, kind: 'words', content: said(style) })
const shape = (fill: string, form: 'RECTANGLE' | 'STAR'): Item => ({
  ...common,
  kind: 'shape',
  look: { form, sides: 5, fill, outline: '#0b5d66', thickness: 6, dash: 'SOLID' },
  words: said(plain),
})
const line: Item = {
  ...common,
  kind: 'line',
  look: {
    colour: '#0b5d66',
    thickness: 8,
    dash: 'DASHED',
    curved: false,
    start: 'PLAIN',
    end: 'ARROW',
    points: [
      { x: 0, y: 0 },
      { x: 5, y: 5 },
    ],
    from: 'x',
  },
}

describe('a style that is copied', () => {
  it('goes from words to a shape, a note and a gap, and takes nothing else along', () => {
    const style = styleOfItem(words(loud))!
    const changed = inStyle(shape('#ffffff', 'STAR'), style)
    expect(changed).toMatchObject({
      look: { fill: '#ffffff', form: 'STAR' },
      words: { style: loud, text: 'Moon' },
    })
    expect(restyles(words(plain), style)).toBe(true)
    expect(restyles(line, style)).toBe(false)
  })
  it('leaves a shape its form, and a line its way and what it joins', () => {
    const changed = inStyle(shape('#ffffff', 'STAR'), styleOfItem(shape('#efe4ef', 'RECTANGLE'))!)
    expect(changed).toMatchObject({ look: { fill: '#efe4ef', form: 'STAR' } })
    const other: Item = {
      ...line,
      look: {
        ...line.look,
        colour: '#000000',
        points: [
          { x: 1, y: 1 },
          { x: 9, y: 9 },
        ],
        from: 'y',
      },
    }
    expect(inStyle(other, styleOfItem(line)!)).toMatchObject({
      look: {
        colour: '#0b5d66',
        dash: 'DASHED',
        from: 'y',
        points: [
          { x: 1, y: 1 },
          { x: 9, y: 9 },
        ],
      },
    })
  })
  it('says nothing of a picture', () => {
    const picture: Item = {
      ...common,
      kind: 'picture',
      picture: { from: 'LIBRARY', name: '2600' },
      credit: '',
    }
    expect(styleOfItem(picture)).toBeNull()
    expect(restyles(picture, styleOfItem(words(loud)))).toBe(false)
    expect(restyles(picture, null)).toBe(false)
  })
})
