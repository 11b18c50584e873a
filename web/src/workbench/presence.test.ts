import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { usePresence } from './presence'

interface Here {
  workbench: string
  pageId: string
  itemIds: string[]
}

describe('who else is here', () => {
  const said: Here[] = []
  const page = ref('p')
  const chosen = ref<string[]>([])
  let presence: ReturnType<typeof usePresence>

  const open = () =>
    mount(
      defineComponent({
        setup() {
          presence = usePresence('id', page, chosen)
          return () => null
        },
      }),
    )
  const there = (workbench: string, pageId = 'p', itemIds: string[] = []) => ({
    workbench,
    name: 'Ms Imai',
    pageId,
    itemIds,
    at: 0,
  })

  beforeEach(() => {
    vi.useFakeTimers()
    said.length = 0
    page.value = 'p'
    chosen.value = []
    vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
      said.push(JSON.parse(init.body) as Here)
      return new Response(null, { status: 204 })
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('is told where we are, once for many quick changes, and that we left', async () => {
    const workbench = open()
    for (const id of ['a', 'b', 'c']) {
      chosen.value = [id]
      await vi.advanceTimersByTimeAsync(50)
    }
    await vi.advanceTimersByTimeAsync(300)
    expect(said.map((one) => one.itemIds)).toEqual([['c']])
    workbench.unmount()
    expect(said.at(-1)).toMatchObject({ pageId: '', workbench: said[0]!.workbench })
  })

  it('knows others by their workbench, hears of their moves, and forgets who left', async () => {
    const workbench = open()
    presence.hear(there('one'))
    presence.hear(there('two', 'q'))
    presence.hear(there('one', 'p', ['a']))
    expect(presence.others.value.map((one) => [one.workbench, one.pageId, one.itemIds])).toEqual([
      ['two', 'q', []],
      ['one', 'p', ['a']],
    ])
    presence.hear(there('two', ''))
    expect(presence.others.value.map((one) => one.workbench)).toEqual(['one'])
    workbench.unmount()
  })

  it('does not take itself for somebody else', async () => {
    const workbench = open()
    await vi.advanceTimersByTimeAsync(300)
    presence.hear(there(said[0]!.workbench))
    expect(presence.others.value).toEqual([])
    workbench.unmount()
  })

  it('answers somebody who has just come, but does not answer answers for ever', async () => {
    const workbench = open()
    await vi.advanceTimersByTimeAsync(300)
    said.length = 0
    presence.hear(there('one'))
    presence.hear(there('one'))
    expect(said).toHaveLength(1)
    workbench.unmount()
  })

  it('forgets whoever has not been heard of for long', async () => {
    const workbench = open()
    presence.hear(there('one'))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(presence.others.value).toEqual([])
    workbench.unmount()
  })

  it('never says more than two hundred items, however many are selected', async () => {
    const workbench = open()
    chosen.value = Array.from({ length: 1000 }, (_, i) => `i${i}`)
    await vi.advanceTimersByTimeAsync(300)
    expect(said.at(-1)!.itemIds).toHaveLength(200)
    workbench.unmount()
  })
})
