import { afterEach, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { mount } from '@vue/test-utils'
import { useReplay } from './replay'

afterEach(() => vi.unstubAllGlobals())

it('plays the work that lies on the desk, though the steps of another one come later', async () => {
  const waiting = new Map<string, (body: unknown) => void>()
  vi.stubGlobal(
    'fetch',
    vi.fn(
      (path: string) =>
        new Promise<Response>((done) =>
          waiting.set(path, (body) => done(new Response(JSON.stringify(body), { status: 200 }))),
        ),
    ),
  )
  let of = 'ada'
  let replay!: ReturnType<typeof useReplay>
  mount(
    defineComponent({
      setup: () => ((replay = useReplay(() => `/api/v1/assignments/one/reviews/${of}` as const)), () => null),
    }),
  )
  const ada = replay.load()
  of = 'kaja'
  const kaja = replay.load()
  waiting.get('/api/v1/assignments/one/reviews/kaja/steps')!([{ seq: 7 }])
  await kaja
  waiting.get('/api/v1/assignments/one/reviews/ada/steps')!([{ seq: 1 }, { seq: 2 }])
  await ada
  expect(replay.steps.value).toEqual([{ seq: 7 }])
})
