import { afterEach, describe, expect, it, vi } from 'vitest'
import { PIECE, pieceSender, sendKept } from './pieceSender'
import type { PieceShelf } from './pieceShelf'

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})
const answer = (status: number, body: unknown = {}) =>
  ({ ok: status < 300, status, json: async () => body }) as Response

/** A device that keeps pieces, as one can look into it. */
function shelf(full = false) {
  const there = new Map<number, Blob>()
  const of: PieceShelf = {
    async keep(_, n, piece) {
      if (full) throw new DOMException('full', 'QuotaExceededError')
      there.set(n, piece)
    },
    async forget(_, n) {
      there.delete(n)
    },
    async waiting() {
      return [...there].sort(([a], [b]) => a - b)
    },
  }
  return { of, there }
}
const never = () => expect.unreachable()

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
    const device = shelf()
    const sender = pieceSender('r', device.of, never, never)
    sender.add(new Blob([new Uint8Array(PIECE + 10)]))
    sender.add(new Blob([new Uint8Array(5)]))
    const all = sender.all()
    await vi.runAllTimersAsync()
    await all
    const at = '/api/v1/screencasts/r/pieces'
    expect(got).toEqual([`${at}/0 ${PIECE}`, `${at}/1 10`, `${at}/2 5`])
    expect(device.there.size).toBe(0)
    expect(sender.away.value).toBe(false)
  })

  it('stops at the first refusal and says why', async () => {
    const why: string[] = []
    let asked = 0
    vi.stubGlobal('fetch', async () => {
      asked += 1
      return answer(422, { detail: 'There is no room.' })
    })
    const sender = pieceSender('r', shelf().of, (words) => why.push(words), never)
    sender.add(new Blob(['abc']))
    sender.add(new Blob(['def']))
    await sender.all()
    expect(why).toEqual(['There is no room.'])
    expect(asked).toBe(1)
  })

  it('waits on the device while the network is away, and is sent from there after the tab was closed', async () => {
    vi.useFakeTimers()
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('no network')
    })
    const device = shelf()
    const sender = pieceSender('r', device.of, never, never)
    sender.add(new Blob(['abc']))
    sender.add(new Blob(['de']))
    await vi.advanceTimersByTimeAsync(5 * 60_000)
    expect(sender.away.value).toBe(true)
    expect([...device.there.keys()]).toEqual([0, 1])
    await expect(sendKept('r', device.of)).rejects.toThrow()
    expect(device.there.size).toBe(2)
    const got: string[] = []
    vi.stubGlobal('fetch', async (path: string) => {
      got.push(path)
      return answer(204)
    })
    expect(await sendKept('r', device.of)).toBe(2)
    expect(got).toEqual(['/api/v1/screencasts/r/pieces/0', '/api/v1/screencasts/r/pieces/1'])
    expect(device.there.size).toBe(0)
  })

  it('goes on where the device is full, and says so once', async () => {
    let told = 0
    let sent = 0
    vi.stubGlobal('fetch', async () => {
      sent += 1
      return answer(204)
    })
    const sender = pieceSender('r', shelf(true).of, never, () => (told += 1))
    for (const text of ['a', 'b', 'c']) sender.add(new Blob([text]))
    await sender.all()
    await vi.waitFor(() => expect(told).toBe(1))
    expect(sent).toBe(3)
  })
})
