import { nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { useWalking } from './tryPath'

function open(groups: string[][] = []) {
  const chosen = ref<string[]>([])
  const select = (ids: string[], how: 'only' | 'toggle' = 'only') => {
    const wanted = [...new Set(ids.flatMap((id) => groups.find((group) => group.includes(id)) ?? [id]))]
    if (how === 'only') chosen.value = wanted
    else if (wanted.every((id) => chosen.value.includes(id)))
      chosen.value = chosen.value.filter((id) => !wanted.includes(id))
    else chosen.value = [...chosen.value, ...wanted]
  }
  return { chosen, select, ...useWalking({ chosen, select }) }
}

describe('walking over items with Tab', () => {
  it('selects each in turn, and groups as one', () => {
    const { chosen, cameTo } = open([['b', 'c']])
    cameTo('a')
    expect(chosen.value).toEqual(['a'])
    cameTo('b')
    expect(chosen.value).toEqual(['b', 'c'])
    cameTo('d')
    expect(chosen.value).toEqual(['d'])
  })

  it('leaves be several that were selected otherwise', () => {
    const { chosen, cameTo, only } = open()
    chosen.value = ['a', 'b']
    cameTo('c')
    expect(chosen.value).toEqual(['a', 'b'])
    only('c')
    expect(chosen.value).toEqual(['c'])
  })

  it('collects with Shift+Space, past what is not wanted, and lets go again', () => {
    const { chosen, cameTo, takeOneMore } = open()
    cameTo('a')
    takeOneMore('a')
    cameTo('b')
    cameTo('c')
    takeOneMore('c')
    expect(chosen.value).toEqual(['a', 'c'])
    takeOneMore('a')
    expect(chosen.value).toEqual(['c'])
  })

  it('walks on as before once nothing is selected', async () => {
    const { chosen, collecting, cameTo, takeOneMore } = open()
    cameTo('a')
    takeOneMore('a')
    chosen.value = []
    await nextTick()
    expect(collecting.value).toBe(false)
    cameTo('b')
    cameTo('c')
    expect(chosen.value).toEqual(['c'])
  })
})
