import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Said } from '@/page/wordFit'
import { makeWriter, MOST_LETTERS, type Writer } from './writer'

const style = { size: 40, bold: false, colour: '#000000', align: 'LEFT' as const }

describe('the field for words', () => {
  let place: HTMLElement
  let writer: Writer
  const hooks = { changed: vi.fn(), left: vi.fn(), done: vi.fn(), tooLong: vi.fn() }

  function open(said: Partial<Said> & { text: string }) {
    writer = makeWriter(place, { style, ...said }, hooks)
    return writer
  }
  const press = (key: string, more: object = {}) =>
    place
      .querySelector('[role=textbox]')!
      .dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }))

  beforeEach(() => {
    place = document.body.appendChild(document.createElement('div'))
    Object.values(hooks).forEach((hook) => hook.mockClear())
  })
  afterEach(() => {
    writer.destroy()
    place.remove()
  })

  it('says what it was given while nothing was done', () => {
    const said = { text: 'Sun\nMoon', style, spans: [], paragraphs: [{}, { list: 'NUMBER' as const }] }
    expect(open(said).said()).toEqual(said)
    expect(hooks.changed).not.toHaveBeenCalled()
  })

  it('makes what is selected bold, says so, and takes it off again', () => {
    open({ text: 'Sun' })
    writer.selectAll()
    writer.toggle('bold')
    expect(writer.said().spans).toEqual([{ from: 0, to: 3, look: { bold: true } }])
    expect(writer.marks.value.bold).toBe(true)
    writer.toggle('bold')
    expect(writer.said().spans).toEqual([])
    expect(hooks.changed).toHaveBeenCalledTimes(2)
  })

  it('goes on below as it was above', () => {
    open({ text: '' })
    writer.toggle('bold')
    press('Enter')
    expect(writer.said().text).toBe('\n')
    expect(writer.marks.value.bold).toBe(true)
  })

  it('takes boldness off in a box whose words are bold', () => {
    open({ text: 'Sun', style: { ...style, bold: true } })
    writer.selectAll()
    writer.toggle('bold')
    expect(writer.said().spans).toEqual([{ from: 0, to: 3, look: { bold: false } }])
    writer.toggle('bold')
    expect(writer.said().spans).toEqual([])
  })

  it('shows no look where the selected letters differ', () => {
    open({ text: 'Sun', spans: [{ from: 0, to: 1, look: { size: 80 } }] })
    writer.selectAll()
    expect(writer.marks.value.size).toBeUndefined()
    writer.set('size', 60)
    expect(writer.marks.value.size).toBe(60)
    expect(writer.said().spans).toEqual([{ from: 0, to: 3, look: { size: 60 } }])
    writer.set('size', null)
    expect(writer.said().spans).toEqual([])
  })

  it('letters are either raised or lowered', () => {
    open({ text: '2' })
    writer.selectAll()
    writer.set('script', 'SUPER')
    writer.set('script', 'SUB')
    expect(writer.said().spans).toEqual([{ from: 0, to: 1, look: { script: 'SUB' } }])
  })

  it('sets every paragraph that is selected', () => {
    open({ text: 'One\nTwo\nThree' })
    writer.selectAll()
    writer.setParagraph({ list: 'BULLET' })
    expect(writer.said().paragraphs).toEqual([{ list: 'BULLET' }, { list: 'BULLET' }, { list: 'BULLET' }])
    writer.setParagraph({ list: null, align: 'RIGHT' })
    expect(writer.said().paragraphs![1]).toEqual({ align: 'RIGHT' })
    expect(writer.paragraph.value).toEqual({ align: 'RIGHT' })
  })

  it('Escape is done, Enter on an empty entry leaves the list, and both stay in the field', () => {
    open({ text: '', paragraphs: [{ list: 'BULLET' }] })
    const outside = vi.fn()
    document.body.addEventListener('keydown', outside)
    press('Enter', { keyCode: 13 })
    expect(writer.said().paragraphs).toEqual([{}])
    press('Escape', { keyCode: 27 })
    expect(hooks.done).toHaveBeenCalledOnce()
    expect(outside).not.toHaveBeenCalled()
    document.body.removeEventListener('keydown', outside)
  })

  it('holds the longest text that may be kept, and can still be made shorter', () => {
    open({ text: '🔭'.repeat(MOST_LETTERS / 2 - 1) })
    expect(writer.said().text).toHaveLength(MOST_LETTERS - 2)
    writer.selectAll()
    writer.toggle('italic')
    expect(writer.said().spans).toHaveLength(1)
  })
})
