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
