import { createApp, h, nextTick } from 'vue'
import { expect, it, vi } from 'vitest'
import type { Gap } from '@/api/schema'
import GapField from '@/work/page/GapField.vue'

const gap = {
  kind: 'gap',
  id: 'g',
  frame: { x: 100, y: 100, width: 200, height: 80, turn: 0 },
  movement: 'FIXED',
  description: 'Degrees below zero',
  style: { size: 40, bold: false, colour: '#000000', align: 'LEFT' },
} as unknown as Gap

function field(number: boolean, resting = false) {
  const typed = vi.fn()
  const place = document.createElement('div')
  document.body.append(place)
  createApp(() => h(GapField, { gap, shown: false, resting, number, onType: typed })).mount(place)
  const input = place.querySelector('input')!
  const minus = () => place.querySelector<HTMLButtonElement>('.minus')
  const press = async () => {
    minus()!.dispatchEvent(new Event('pointerdown', { cancelable: true }))
    await nextTick()
  }
  return { typed, input, minus, press }
}

it('a gap for a number brings the number keys, with a minus beside them while it is written in', async () => {
  const { typed, input, minus, press } = field(true)
  expect(input.inputMode).toBe('decimal')
  expect(minus()).toBeNull()
  input.focus()
  await nextTick()
  input.value = '40'
  input.dispatchEvent(new Event('input'))
  await press()
  expect(input.value).toBe('-40')
  await press()
  expect(input.value).toBe('40')
  await press()
  input.blur()
  await nextTick()
  expect(typed).toHaveBeenCalledWith('-40')
  expect(minus()).toBeNull()
})

it('a gap for words brings the usual keys, and one that rests no minus', async () => {
  const words = field(false)
  words.input.focus()
  await nextTick()
  expect(words.input.getAttribute('inputmode')).toBeNull()
  expect(words.minus()).toBeNull()
  const done = field(true, true)
  done.input.focus()
  await nextTick()
  expect(done.minus()).toBeNull()
})
