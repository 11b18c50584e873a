import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FileRef } from '@/api/schema'
import { bring } from './bringing'

const PIECE = 4
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

describe('a file on its way in', () => {
  const asked: string[] = []
  let down = false
  let refuses = ''
  beforeEach(() => {
    vi.useFakeTimers()
    asked.length = 0
    down = false
    refuses = ''
    vi.stubGlobal('fetch', async (path: string) => {
      if (down) throw new TypeError('network')
      asked.push(path)
      if (path === '/api/v1/uploads')
        return json({ id: 'u', name: 'f', bytes: 10, piece: PIECE, have: [] }, 201)
      if (path.includes('/pieces/')) return new Response(null, { status: 204 })
      if (path.endsWith('/completion'))
        return refuses
          ? json({ detail: refuses }, 422)
          : json({ sha256: 'ab', name: 'f', mediaType: 'audio/mpeg' })
      if (path === '/api/v1/uploads/u')
        return json({ id: 'u', name: 'f', bytes: 10, piece: PIECE, have: [0, 1] })
      return new Response(null, { status: 204 })
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })
  const file = () => new File(['0123456789'], 'moon.mp3')

  it('comes in pieces and is handed on once all are there', async () => {
    const there: FileRef[] = []
    const way = bring(file(), (one) => there.push(one))
    await vi.runAllTimersAsync()
    expect(asked.filter((path) => path.includes('/pieces/'))).toHaveLength(3)
    expect(way.share.value).toBe(1)
    expect(way.state.value).toBe('there')
    expect(there).toHaveLength(1)
  })
  it('waits while the network is away, says so, and goes on', async () => {
    down = true
    const way = bring(file(), () => {})
    await vi.advanceTimersByTimeAsync(100)
    expect(way.state.value).toBe('waiting')
    expect(way.words.value).toContain('cannot be reached')
    down = false
    await vi.runAllTimersAsync()
    expect(way.state.value).toBe('there')
  })
  it('is paused and goes on where it was, or is stopped and leaves nothing behind', async () => {
    const way = bring(file(), () => {})
    way.pause()
    await vi.advanceTimersByTimeAsync(50)
    expect(asked.filter((path) => path.includes('/pieces/'))).toHaveLength(0)
    way.goOn()
    await vi.advanceTimersByTimeAsync(50)
    expect(way.state.value).toBe('there')

    const other = bring(file(), () => {})
    other.pause()
    await vi.advanceTimersByTimeAsync(50)
    other.stop()
    await vi.advanceTimersByTimeAsync(50)
    expect(asked.at(-1)).toBe('/api/v1/uploads/u')
    expect(other.state.value).toBe('stopped')
  })
  it('says why it was refused, and does not send what is too large', async () => {
    refuses = 'A file is a recording.'
    const way = bring(file(), () => {})
    await vi.runAllTimersAsync()
    expect(way.words.value).toBe('A file is a recording.')
    const large = file()
    Object.defineProperty(large, 'size', { value: 201 * 1024 * 1024 })
    asked.length = 0
    const other = bring(large, () => {})
    await vi.runAllTimersAsync()
    expect(other.words.value).toContain('201 MB; the most is 200 MB')
    expect(asked).toHaveLength(0)
  })
})
