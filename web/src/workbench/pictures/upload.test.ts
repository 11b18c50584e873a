import { afterEach, describe, expect, it, vi } from 'vitest'
import { creditOf, upload, uploadAll, type Coming } from './upload'
import { whenIdle } from '@/workbench/idle'

class Request {
  static answers: { status: number; body: unknown }[] = []
  static sent: FormData[] = []
  upload: { onprogress?: (event: object) => void } = {}
  status = 0
  responseText = ''
  onload?: () => void
  onerror?: () => void
  onabort?: () => void
  open() {}
  setRequestHeader() {}
  abort() {
    this.onabort?.()
  }
  send(form: FormData) {
    Request.sent.push(form)
    this.upload.onprogress?.({ lengthComputable: true, loaded: 1, total: 2 })
    const answer = Request.answers.shift()
    if (!answer) return void this.onerror?.()
    this.status = answer.status
    this.responseText = typeof answer.body === 'string' ? answer.body : JSON.stringify(answer.body)
    this.onload?.()
  }
}
const picture = (name: string) => new File(['x'], name, { type: 'image/png' })

describe('bringing pictures in', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
    Request.answers = []
    Request.sent = []
  })

  it('tells how far it is and hands the picture on', async () => {
    vi.stubGlobal('XMLHttpRequest', Request)
    Request.answers = [{ status: 201, body: { sha256: 'a', width: 1, height: 1 } }]
    const seen: number[] = []
    const stored = await upload(picture('a.png'), 'Mira', (share) => seen.push(share))
    expect(stored.sha256).toBe('a')
    expect(seen).toEqual([0.5])
    expect(Request.sent[0]!.get('credit')).toBe('Mira')
  })

  it('refuses what is too large before it is sent', async () => {
    vi.stubGlobal('XMLHttpRequest', Request)
    const large = { size: 31 * 1024 * 1024 } as File
    await expect(upload(large, '')).rejects.toThrow('That picture is 31 MB; the most is 20 MB')
    expect(Request.sent).toHaveLength(0)
  })

  it('says what the server said, or that it did not arrive', async () => {
    vi.stubGlobal('XMLHttpRequest', Request)
    Request.answers = [
      { status: 422, body: { detail: 'That file is not a picture.' } },
      { status: 502, body: '<html>' },
    ]
    await expect(upload(picture('a.png'), '')).rejects.toThrow('That file is not a picture.')
    await expect(upload(picture('a.png'), '')).rejects.toThrow('did not arrive')
    await expect(upload(picture('a.png'), '')).rejects.toThrow('did not arrive')
  })

  it('brings in the good ones of several and says what is wrong with each of the others', async () => {
    vi.stubGlobal('XMLHttpRequest', Request)
    Request.answers = [
      { status: 201, body: { sha256: 'a' } },
      { status: 422, body: { detail: 'Damaged.' } },
      { status: 201, body: { sha256: 'c' } },
    ]
    const files = ['a.png', 'b.png', 'c.png'].map(picture)
    const rows: Coming[] = files.map((file) => ({ name: file.name, share: 0, wrong: '' }))
    const taken: string[] = []
    await uploadAll(files, '', rows, (stored) => taken.push(stored.sha256))
    expect(taken.sort()).toEqual(['a', 'c'])
    expect(rows.filter((row) => row.wrong)).toHaveLength(1)
  })

  it('stops when it is told to', async () => {
    vi.stubGlobal('XMLHttpRequest', Request)
    const stop = new AbortController()
    stop.abort()
    const rows: Coming[] = [{ name: 'a', share: 0, wrong: '' }]
    await uploadAll([picture('a.png')], '', rows, () => {}, stop.signal)
    expect(Request.sent).toHaveLength(0)
  })

  it('puts whose it is into one line no longer than is kept', () => {
    expect(creditOf(' Mira ', 'CC BY', '')).toBe('Mira, CC BY')
    expect(creditOf('x'.repeat(400), '', '')).toHaveLength(300)
  })
})

describe('what can wait', () => {
  it('is done one after another, and not at all when it is called off', async () => {
    const done: number[] = []
    whenIdle(() => done.push(1))
    const off = whenIdle(() => done.push(2))
    off()
    await new Promise<void>((resolve) => whenIdle(() => (done.push(3), resolve())))
    expect(done).toEqual([1, 3])
  })
})
