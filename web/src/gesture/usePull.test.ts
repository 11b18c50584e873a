import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import { usePull } from './usePull'

function mounted() {
  let hand!: ReturnType<typeof usePull>
  const parts: string[] = []
  const box = mount(
    defineComponent({
      setup() {
        hand = usePull()
        return () => h('i')
      },
    }),
  )
  const begin = () =>
    hand.pull({
      move: () => parts.push('move'),
      up: () => parts.push('up'),
      cancel: () => parts.push('cancel'),
    })
  const tell = (...names: string[]) => names.forEach((name) => window.dispatchEvent(new Event(name)))
  return { box, hand, parts, begin, tell }
}

it('follows until the pointer is lifted, and no longer', () => {
  const { parts, begin, tell } = mounted()
  begin()
  tell('pointermove', 'pointermove', 'pointerup', 'pointermove', 'pointerup', 'pointercancel')
  expect(parts).toEqual(['move', 'move', 'up'])
})

it('counts nothing that the device breaks off', () => {
  const { parts, begin, tell } = mounted()
  begin()
  tell('pointermove', 'pointercancel', 'pointerup')
  expect(parts).toEqual(['move', 'cancel'])
})

it('listens no more once it is stopped, begun anew, or gone from the screen', () => {
  const { box, hand, parts, begin, tell } = mounted()
  begin()
  hand.stop()
  tell('pointermove', 'pointerup')
  expect(parts).toEqual([])
  begin()
  begin()
  tell('pointermove')
  expect(parts).toEqual(['move'])
  box.unmount()
  tell('pointermove', 'pointerup')
  expect(parts).toEqual(['move'])
})
