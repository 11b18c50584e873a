import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import CropDialog from './CropDialog.vue'

let decoded: () => void
beforeEach(() => {
  vi.stubGlobal(
    'Image',
    class {
      src = ''
      naturalWidth = 120
      naturalHeight = 80
      decode = () => new Promise<void>((resolve) => (decoded = resolve))
    },
  )
})
afterEach(() => vi.unstubAllGlobals())

it('takes no number before the picture is measured, so that none is lost', async () => {
  const dialog = mount(CropDialog, {
    props: {
      picture: { from: 'FILE', name: 'sky' },
      crop: { x: 0.1, y: 0.1, width: 0.5, height: 0.5 },
      ratio: 1.6,
    },
  })
  const width = () => dialog.findAll<HTMLInputElement>('input[type=number]')[2]!
  await nextTick()
  expect(width().element.disabled).toBe(true)
  decoded()
  await vi.waitFor(() => expect(width().element.disabled).toBe(false))
  await width().setValue('40')
  await dialog.get('button.pri').trigger('click')
  const [part, size] = dialog.emitted('keep')![0] as [{ width: number; height: number }, unknown]
  expect(part.width).toBeCloseTo(0.4)
  expect((part.width * 120) / (part.height * 80)).toBeCloseTo(1.6)
  expect(size).toEqual({ width: 120, height: 80 })
})
