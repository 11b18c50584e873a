import { DOMParser as Reader } from 'prosemirror-model'
import { describe, expect, it } from 'vitest'
import type { Span } from '@/api/schema'
import { fromDoc, schema, toDoc } from './schema'

const style = { size: 40, bold: false, colour: '#000000', align: 'LEFT' as const }
const pasted = (html: string) => {
  const place = document.createElement('div')
  place.innerHTML = html
  return fromDoc(Reader.fromSchema(schema).parse(place), style)
}

describe('pasted words', () => {
  it('keep bold, italic, underline and raised letters from wherever they come', () => {
    const said = pasted('<p>H<sub>2</sub>O is <b>wet</b> and <em>clear</em>, <u>see</u></p>')
    expect(said.text).toBe('H2O is wet and clear, see')
    expect(said.spans).toEqual([
      { from: 1, to: 2, look: { script: 'SUB' } },
      { from: 7, to: 10, look: { bold: true } },
      { from: 15, to: 20, look: { italic: true } },
      { from: 22, to: 25, look: { underline: true } },
    ])
  })

  it('keep lists and headings as paragraphs', () => {
    const said = pasted('<h1>Planets</h1><ul><li>Mars</li><li>Venus</li></ul><ol><li>First</li></ol>')
    expect(said.text).toBe('Planets\nMars\nVenus\nFirst')
    expect(said.paragraphs!.map((one) => one.list)).toEqual([undefined, 'BULLET', 'BULLET', 'NUMBER'])
  })

  it('bring no scripts, handlers, links, frames or pictures along', () => {
    const said = pasted(
      '<p onclick="alert(1)">Safe<script>alert(2)</' +
        'script><img src="https://elsewhere.test/x.png" onerror="alert(3)">' +
        '<a href="javascript:alert(4)">here</a><iframe src="https://elsewhere.test"></iframe></p>',
    )
    const kept = JSON.stringify(said)
    for (const bad of ['alert', 'elsewhere', 'javascript', 'onerror', '<']) expect(kept).not.toContain(bad)
    expect(said.text).toBe('Safehere')
  })

  it('keep colours they can write down, and sizes within bounds', () => {
    const said = pasted(
      '<p><span style="color: rgb(170, 34, 0)">red</span> <span style="font-size: 9000px">big</span></p>',
    )
    expect(said.spans).toContainEqual({ from: 0, to: 3, look: { colour: '#aa2200' } })
    expect(said.spans).toContainEqual({ from: 4, to: 7, look: { size: 400 } })
  })

  it('that say nothing are an empty text', () => {
    expect(pasted('').text).toBe('')
    expect(pasted('<table><tr><td></td></tr></table>').text).toBe('')
  })
})

describe('words of any looks', () => {
  it('come back as they were, for a hundred made-up texts', () => {
    const letters = [...'ab c🔭دé\n']
    let n = 7
    const next = (most: number) => (n = (n * 48271) % 2147483647) % most
    for (let i = 0; i < 100; i++) {
      const text = Array.from({ length: 1 + next(40) }, () => letters[next(letters.length)]).join('')
      const paragraphs = text.split('\n').map(() => (next(3) ? {} : { list: 'BULLET' as const }))
      const spans: Span[] = []
      // One span in each paragraph that has letters, so that none reaches over a break.
      let at = 0
      for (const line of text.split('\n')) {
        if (line.length > 0) spans.push({ from: at, to: at + line.length, look: { size: 60 + next(3) } })
        at += line.length + 1
      }
      const joined: Span[] = spans
      expect(fromDoc(toDoc({ text, style, spans: joined, paragraphs }), style)).toEqual({
        text,
        style,
        spans,
        paragraphs,
      })
    }
  })
})
