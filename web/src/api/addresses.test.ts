import { describe, expectTypeOf, it, vi } from 'vitest'
import { get, patch, post } from './client'
import type { AnswerOf, BodyOf, ItemOf, PatternOf } from './addresses'
import type { ClassHead, ProgressTable } from './schema'

/** Held by the compiler: the type check of the front end fails where one of these is not so. */
describe('an address', () => {
  it('says what comes back from it, also where parts of it are only known later', () => {
    expectTypeOf<ItemOf<'get', '/api/v1/classes'>>().toEqualTypeOf<ClassHead>()
    expectTypeOf<AnswerOf<'get', `/api/v1/assignments/${string}/progress`>>().toEqualTypeOf<ProgressTable>()
    expectTypeOf<AnswerOf<'get', `/api/v1/activities/${string}/edits?after=${number}`>>().not.toBeNever()
    expectTypeOf<AnswerOf<'delete', '/api/v1/session'>>().toEqualTypeOf<void>()
  })

  it('is taken for the one that is written so before one that leaves a part open', () => {
    expectTypeOf<
      PatternOf<'post', '/api/v1/school/people/imports'>
    >().toEqualTypeOf<'/api/v1/school/people/imports'>()
  })

  it('says what is sent to it', () => {
    expectTypeOf<BodyOf<'post', '/api/v1/classes'>>().toEqualTypeOf<{ name: string }>()
    expectTypeOf<BodyOf<'post', '/api/v1/class-imports'>>().toEqualTypeOf<FormData>()
  })

  it('that is in no document, or answers to another verb, does not compile', () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('{}')))
    // @ts-expect-error there is no such address
    void get('/api/v1/nowhere')
    // @ts-expect-error a screencast is changed with PATCH
    void post(`/api/v1/screencasts/${'one'}`, { title: '', chapters: [], captions: [] })
    void patch(`/api/v1/screencasts/${'one'}`, { title: '', chapters: [], captions: [] })
    // @ts-expect-error a class has a name, and nothing else is sent
    void post('/api/v1/classes', { title: 'Puffin' })
    vi.unstubAllGlobals()
  })
})
