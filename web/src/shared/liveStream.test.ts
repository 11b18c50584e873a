import { afterEach, expect, it, vi } from 'vitest'
import { openStream } from './liveStream'

class Line {
  static last: Line
  private readonly hear = new Map<string, (event: { data: string }) => void>()
  closed = false
  constructor(readonly path: string) {
    Line.last = this
  }
  addEventListener(name: string, hear: (event: { data: string }) => void) {
    this.hear.set(name, hear)
  }
  tell(name: string, data: unknown) {
    this.hear.get(name)?.({ data: JSON.stringify(data) })
  }
  close() {
    this.closed = true
  }
}
afterEach(() => vi.unstubAllGlobals())

it('gives each event to whoever asked for it, tells when the line is lost, and ends', () => {
  vi.stubGlobal('EventSource', Line)
  const heard: unknown[] = []
  const stream = openStream<{ moved: { seq: number } }>(
    '/api/v1/attempts/a/live',
    { moved: ({ seq }) => heard.push(seq), listening: () => heard.push('again') },
    () => heard.push('lost'),
  )
  expect(Line.last.path).toBe('/api/v1/attempts/a/live')
  Line.last.tell('listening', {})
  Line.last.tell('moved', { seq: 7 })
  Line.last.tell('around', {})
  Line.last.tell('error', null)
  expect(heard).toEqual(['again', 7, 'lost'])
  stream.close()
  expect(Line.last.closed).toBe(true)
})
