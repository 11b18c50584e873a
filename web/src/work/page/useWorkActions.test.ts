import { ref } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { Refusal } from '@/api/client'
import type { Work } from '@/work/attempt/work'
import { useWorkActions } from './useWorkActions'

function actions(make: () => Promise<null>) {
  const words = ref('')
  const handedIn = vi.fn()
  const work = { make } as unknown as Work
  return {
    words,
    handedIn,
    ...useWorkActions(
      () => work,
      () => 'p',
      words,
      ref(''),
      handedIn,
    ),
  }
}

describe('what a button did', () => {
  it('is told once it is done', async () => {
    const it = actions(async () => null)
    await it.handIn()
    expect(it.words.value).toBe('Your work is handed in')
    expect(it.handedIn).toHaveBeenCalledOnce()
  })

  it('is not told where it was refused: why not is told instead', async () => {
    const it = actions(() => Promise.reject(new Refusal(409, 'no', 'WITHDRAWN')))
    for (const press of [it.handIn, it.reset, () => it.showSolution(null)]) {
      await press()
      expect(it.words.value).toBe('Your teacher took this work back')
    }
    expect(it.handedIn).not.toHaveBeenCalled()
  })
})
