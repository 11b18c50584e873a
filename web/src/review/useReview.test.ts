import { afterEach, describe, expect, it, vi } from 'vitest'
import { useReview } from './useReview'

afterEach(() => vi.unstubAllGlobals())

/** A server that answers when it is told to. */
function server() {
  const waiting = new Map<string, () => void>()
  vi.stubGlobal(
    'fetch',
    vi.fn(
      (path: string) =>
        new Promise<Response>((done) => {
          const attemptId = path.split('/').at(-1)!
          const body = {
            attemptId,
            kept: { review: { words: `To ${attemptId}`, mayImprove: false }, version: 1 },
          }
          waiting.set(attemptId, () => done(new Response(JSON.stringify(body), { status: 200 })))
        }),
    ),
  )
  const answer = async (attemptId: string) => {
    await vi.waitFor(() => expect(waiting.has(attemptId)).toBe(true))
    waiting.get(attemptId)!()
  }
  return { answer }
}

describe('what was written', () => {
  /** Opens a piece of work, then answers as it is told. */
  async function written(answer: () => Promise<Response>) {
    const body = { attemptId: 'ada', kept: { review: { words: '', mayImprove: false }, version: 1 } }
    const ok = async () => new Response(JSON.stringify(body), { status: 200 })
    const fetched = vi.fn((_: string, init: { method: string }) => (init.method === 'PUT' ? answer() : ok()))
    vi.stubGlobal('fetch', fetched)
    const desk = useReview('a')
    await desk.open('ada')
    desk.say({ words: 'Well seen' })
    await desk.flush().catch(() => {})
    const puts = () => fetched.mock.calls.filter(([, init]) => init.method === 'PUT').length
    return { desk, puts }
  }

  it('is sent again before one goes on, where the network was away', async () => {
    const { desk, puts } = await written(() => Promise.reject(new TypeError('network')))
    await expect(desk.flush()).rejects.toThrow('cannot be reached')
    expect(puts()).toBe(2)
  })

  it('about work that is gone keeps nobody from going on', async () => {
    const { desk, puts } = await written(async () => new Response('{"detail":"Gone."}', { status: 404 }))
    await desk.flush()
    expect(desk.kept.value).toBe('Gone.')
    expect(puts()).toBe(1)
  })
})

describe('the desk', () => {
  it('shows the work that was asked for last, whichever comes first', async () => {
    const { answer } = server()
    const desk = useReview('a')
    const first = desk.open('ada')
    const second = desk.open('kaja')
    await answer('kaja')
    expect(await second).toBe(true)
    await answer('ada')
    expect(await first).toBe(false)
    expect(desk.work.value?.attemptId).toBe('kaja')
    expect(desk.review.value.words).toBe('To kaja')
  })
})
