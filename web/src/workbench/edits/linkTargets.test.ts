import { describe, expect, it } from 'vitest'
import { elsewhere } from './linkTargets'

function on(html: string, event: Event) {
  document.body.innerHTML = html
  let heard = false
  document.addEventListener(event.type, (one) => (heard = elsewhere(one)), { once: true })
  document.body.querySelector('[data-here]')!.dispatchEvent(event)
  return heard
}
const key = (more: KeyboardEventInit = {}) =>
  new KeyboardEvent('keydown', { key: 'z', bubbles: true, ...more })
const undo = () => key({ ctrlKey: true })

describe('keys', () => {
  it.each(['<input data-here>', '<input type="number" data-here>', '<textarea data-here></textarea>'])(
    'that somebody writes with are not the page’s: %s',
    (html) => {
      expect(on(html, key())).toBe(true)
      expect(on(html, undo())).toBe(true)
    },
  )
  it.each([
    '<input type="checkbox" data-here>',
    '<input type="color" data-here>',
    '<select data-here></select>',
  ])('are the page’s with Ctrl once something was ticked or chosen: %s', (html) => {
    expect(on(html, key())).toBe(true)
    expect(on(html, undo())).toBe(false)
  })
  it('in a dialog never are', () => {
    expect(on('<dialog><button data-here></button></dialog>', undo())).toBe(true)
    expect(on('<div class="el-overlay"><input type="checkbox" data-here></div>', undo())).toBe(true)
  })
  it('on a button are', () => expect(on('<button data-here></button>', key())).toBe(false))
  it('what is pasted into a field is the field’s, and on a tick the page’s', () => {
    expect(on('<input data-here>', new Event('paste', { bubbles: true }))).toBe(true)
    expect(on('<input type="checkbox" data-here>', new Event('paste', { bubbles: true }))).toBe(false)
  })
})
