import { afterEach, describe, expect, it, vi } from 'vitest'
import { get, getAll } from './client'

const asked: { path: string; tag?: string }[] = []
function server(answer: (path: string, tag?: string) => Response) {
  asked.length = 0
  vi.stubGlobal('fetch', async (path: string, init: { headers: Record<string, string> }) => {
    const tag = init.headers['If-None-Match']
    asked.push({ path, ...(tag ? { tag } : {}) })
    return answer(path, tag)
  })
}
afterEach(() => vi.unstubAllGlobals())

describe('a list', () => {
  it('is put together from its parts, in their order', async () => {
    const parts: Record<string, object> = {
      '': { items: [{ id: 'a' }, { id: 'b' }], next: 'x/+=' },
      'x/+=': { items: [{ id: 'c' }], next: 'y' },
      y: { items: [] },
    }
    server((path) => Response.json(parts[new URL(path, 'http://here').searchParams.get('cursor') ?? '']))
    const all = await getAll('/api/v1/classes')
    expect(all.map((one) => one.id)).toEqual(['a', 'b', 'c'])
    expect(asked.map((one) => one.path)).toEqual([
      '/api/v1/classes?limit=500',
      '/api/v1/classes?limit=500&cursor=x%2F%2B%3D',
      '/api/v1/classes?limit=500&cursor=y',
    ])
  })

  it('keeps what else was asked about it', async () => {
    server(() => Response.json({ items: [] }))
    await getAll('/api/v1/activities?words=moon')
    expect(asked[0]!.path).toBe('/api/v1/activities?words=moon&limit=500')
  })
})

describe('an answer with a tag', () => {
  it('is not sent again while it is the same, and nobody changes what another gets', async () => {
    let round = 1
    server((_, tag) =>
      tag === `"${round}"`
        ? new Response(null, { status: 304 })
        : Response.json({ items: [{ id: `c${round}` }] }, { headers: { ETag: `"${round}"` } }),
    )
    const first = await get('/api/v1/notices')
    ;(first.items as { id: string }[])[0]!.id = 'spoilt'
    const again = await get('/api/v1/notices')
    expect(again.items.map((one) => one.id)).toEqual(['c1'])
    round = 2
    expect((await get('/api/v1/notices')).items.map((one) => one.id)).toEqual(['c2'])
    expect((await get('/api/v1/notices')).items.map((one) => one.id)).toEqual(['c2'])
    expect(asked.map((one) => one.tag)).toEqual([undefined, '"1"', '"1"', '"2"'])
  })

  it('is let go of when many others came', async () => {
    server((path) => Response.json({}, { headers: { ETag: `"${path}"` } }))
    await get('/api/v1/home')
    for (let i = 0; i < 60; i++) await get(`/api/v1/lessons/${i}` as '/api/v1/lessons/x')
    await get('/api/v1/home')
    expect(asked.at(-1)!.tag).toBeUndefined()
  })
})
