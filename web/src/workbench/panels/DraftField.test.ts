import { createApp, h, nextTick } from 'vue'
import { expect, it, vi } from 'vitest'
import DraftField from './DraftField.vue'

function field(value: string | number, attributes: object = {}) {
  const commit = vi.fn()
  const place = document.createElement('div')
  createApp(() => h(DraftField, { value, onCommit: commit, ...attributes })).mount(place)
  const input = place.querySelector('input')!
  const write = async (text: string) => {
    input.value = text
    input.dispatchEvent(new Event('input'))
    await nextTick()
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }))
  }
  return { commit, write }
}

it('a field for numbers gives what was written, as a field for words does', async () => {
  const number = field(12, { type: 'number' })
  await number.write('30')
  expect(number.commit).toHaveBeenCalledWith('30')
  const words = field('Sun')
  await words.write('  Moon ')
  expect(words.commit).toHaveBeenCalledWith('Moon')
})

it('nothing is said when nothing is different', async () => {
  const number = field(12, { type: 'number' })
  await number.write('12')
  expect(number.commit).not.toHaveBeenCalled()
})
