import { afterEach, describe, expect, it, vi } from 'vitest'
import { PIECE, pieceSender } from './pieceSender'

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})
const answer = (status: number, body: unknown = {}) =>
  ({ ok: status < 300, status, json: async () => body }) as Response

describe('what is recorded', () => {
  it('goes in its order, piece after piece, and again while the network is away', async () => {
    vi.useFakeTimers()
    const got: string[] = []
    let away = 3
    vi.stubGlobal('fetch', async (path: string, init: { body: Blob }) => {
      if (path.endsWith('/1') && away-- > 0) throw new TypeError('no network')
      got.push(`${path} ${init.body.size}`)
      return answer(204)
    })
    const sender = pieceSender(
      (n) => `/p/${n}`,
      () => expect.unreachable(),
    )
    sender.add(new Blob([new Uint8Array(PIECE + 10)]))
    sender.add(new Blob([new Uint8Array(5)]))
    const all = sender.all()
    await vi.runAllTimersAsync()
    await all
    expect(got).toEqual([`/p/0 ${PIECE}`, '/p/1 10', '/p/2 5'])
    expect(sender.away.value).toBe(false)
  })

  it('stops at the first refusal and says why', async () => {
    const why: string[] = []
    let asked = 0
    vi.stubGlobal('fetch', async () => {
      asked += 1
      return answer(422, { detail: 'There is no room.' })
    })
    const sender = pieceSender(
      () => '/p',
      (words) => why.push(words),
    )
    sender.add(new Blob(['abc']))
    sender.add(new Blob(['def']))
    await sender.all()
    expect(why).toEqual(['There is no room.'])
    expect(asked).toBe(1)
  })
})
