import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Activity, Caught, Edit, LoggedEdit } from '@/api/schema'
import { openActivity } from './editing'

const blank: Activity = {
  title: 'Sky',
  pages: [{ id: 'p', name: 'Page 1', paper: { colour: '#ffffff' }, items: [] }],
  key: { decisions: {}, rules: {} },
}
const title = (words: string): Edit => ({ kind: 'set-title', title: words })

/** A server that remembers its log, and whose network can be cut. */
function server() {
  const log: LoggedEdit[] = []
  const state = { down: false, refuse: 0, requests: 0 }
  const logged = (id: string, edit: Edit): LoggedEdit => ({
    seq: log.length + 1,
    id,
    authorId: 'a',
    at: '2026-11-24T10:00:00Z',
    edit,
    kind: 'PLAIN',
  })
  const answer = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
  vi.stubGlobal('fetch', async (_: string, init: { body?: string }) => {
    state.requests++
    if (state.down) throw new TypeError('network')
    if (state.refuse) return answer({ detail: 'No.' }, state.refuse)
    const asked = JSON.parse(init.body!) as { seq: number; edits: { id: string; edit: Edit }[] }
    for (const one of asked.edits) {
      if (!log.some((there) => there.id === one.id)) log.push(logged(one.id, one.edit))
    }
    const caught: Caught = {
      seq: log.length,
      edits: log.filter((one) => one.seq > asked.seq),
      dropped: [],
      canUndo: true,
      canRedo: false,
    }
    return answer(caught)
  })
  return { log, state, others: (edit: Edit) => log.push(logged(`other-${log.length}`, edit)) }
}

const open = () =>
  openActivity('id', { seq: 0, activity: blank, canUndo: false, canRedo: false, mayEdit: true })

describe('an open activity', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', undefined)
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('shows an edit at once and says when it is saved', async () => {
    const { log } = server()
    const editing = open()
    editing.edit(title('One'))
    expect(editing.activity.value.title).toBe('One')
    expect(editing.saved.value).toBe('saving')
    await editing.flush()
    expect(editing.saved.value).toBe('saved')
    expect(log).toHaveLength(1)
  })

  it('lays its own edit over what others did meanwhile', async () => {
    const { others } = server()
    const editing = open()
    others({ kind: 'rename-page', pageId: 'p', name: 'Theirs' })
    editing.edit(title('Mine'))
    await editing.flush()
    expect(editing.activity.value.title).toBe('Mine')
    expect(editing.activity.value.pages[0]!.name).toBe('Theirs')
  })

  it('keeps edits while the network is away, says so, and sends each once when it is back', async () => {
    const { log, state } = server()
    const editing = open()
    state.down = true
    editing.edit(title('One'))
    editing.edit({ kind: 'rename-page', pageId: 'p', name: 'Dome' })
    await vi.advanceTimersByTimeAsync(1_000)
    expect(editing.saved.value).toContain('cannot be reached')
    expect(editing.activity.value.pages[0]!.name).toBe('Dome')
    state.down = false
    await vi.advanceTimersByTimeAsync(10_000)
    expect(editing.saved.value).toBe('saved')
    expect(log.map((one) => one.edit.kind)).toEqual(['set-title', 'rename-page'])
  })

  it('shows the truth again, and says why, when the server refuses an edit for good', async () => {
    const { state } = server()
    const editing = open()
    state.refuse = 422
    editing.edit(title('Never'))
    await editing.flush()
    expect(editing.activity.value.title).toBe('Sky')
    expect(editing.told.value).toBe('No.')
  })

  it('refuses an edit that does not fit and sends nothing', async () => {
    const { state } = server()
    const editing = open()
    expect(editing.edit({ kind: 'remove-page', pageId: 'p' })).toBe(false)
    await editing.flush()
    expect(state.requests).toBe(0)
  })

  it('that was shared to look at changes nothing, says why and sends nothing', async () => {
    const { state } = server()
    const editing = openActivity('id', {
      seq: 0,
      activity: blank,
      canUndo: false,
      canRedo: false,
      mayEdit: false,
    })
    expect(editing.edit(title('Mine'))).toBe(false)
    await editing.flush()
    expect(editing.activity.value.title).toBe('Sky')
    expect(editing.told.value).toContain('Copy it to change it')
    expect(state.requests).toBe(0)
  })

  it('says which bound it was that stopped a page or an item', () => {
    server()
    const many = Array.from({ length: 200 }, (_, i) => ({ ...blank.pages[0]!, id: `p${i}` }))
    const editing = openActivity('id', {
      seq: 0,
      activity: { ...blank, pages: many },
      canUndo: false,
      canRedo: false,
      mayEdit: true,
    })
    const page = { ...blank.pages[0]!, id: 'more' }
    expect(editing.edit({ kind: 'add-page', index: 0, page })).toBe(false)
    expect(editing.told.value).toContain('200 pages')
  })

  it('drops its own edit of what another took away, and keeps the rest', async () => {
    const { log, others } = server()
    const editing = open()
    others({ kind: 'add-page', index: 1, page: { ...blank.pages[0]!, id: 'q' } })
    others({ kind: 'remove-page', pageId: 'p' })
    editing.edit({ kind: 'rename-page', pageId: 'p', name: 'Gone' })
    editing.edit(title('Stays'))
    await editing.flush()
    expect(editing.activity.value.pages.map((page) => page.id)).toEqual(['q'])
    expect(editing.activity.value.title).toBe('Stays')
    expect(log.at(-1)!.edit.kind).toBe('set-title')
  })

  it('undoes and brings back only after its own edits have arrived', async () => {
    const asked: string[] = []
    vi.stubGlobal('fetch', async (path: string, init: { body: string }) => {
      asked.push(path)
      const body = JSON.parse(init.body) as { seq: number; edits?: { id: string; edit: Edit }[] }
      const edits =
        body.edits?.map((one, i) => ({ ...one, seq: body.seq + 1 + i, authorId: 'a', at: '' })) ?? []
      const caught = { seq: body.seq + edits.length, edits, dropped: [], canUndo: true, canRedo: false }
      return new Response(JSON.stringify(caught), { headers: { 'Content-Type': 'application/json' } })
    })
    const editing = open()
    editing.edit(title('One'))
    await editing.undo()
    editing.edit(title('Two'))
    await editing.restore(1)
    expect(asked.map((path) => path.replace('/api/v1/activities/id/', ''))).toEqual([
      'edits',
      'undo',
      'edits',
      'history/restorations',
    ])
  })

  it('sends what is still waiting when the tab closes, so that nothing is lost', async () => {
    const kept: boolean[] = []
    vi.stubGlobal('fetch', (_: string, init: { keepalive: boolean }) => {
      kept.push(init.keepalive)
      return new Promise(() => {})
    })
    const editing = open()
    editing.edit(title('Last words'))
    window.dispatchEvent(new Event('pagehide'))
    expect(kept).toEqual([false, true])
    editing.close()
  })
})
