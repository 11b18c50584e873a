import { describe, expect, it } from 'vitest'
import { patched } from './mergePatch'

/** The table of examples in RFC 7396, Appendix A, line by line: target, patch, result. */
const standard: [unknown, unknown, unknown][] = [
  [{ a: 'b' }, { a: 'c' }, { a: 'c' }],
  [{ a: 'b' }, { b: 'c' }, { a: 'b', b: 'c' }],
  [{ a: 'b' }, { a: null }, {}],
  [{ a: 'b', b: 'c' }, { a: null }, { b: 'c' }],
  [{ a: ['b'] }, { a: 'c' }, { a: 'c' }],
  [{ a: 'c' }, { a: ['b'] }, { a: ['b'] }],
  [{ a: { b: 'c' } }, { a: { b: 'd', c: null } }, { a: { b: 'd' } }],
  [{ a: [{ b: 'c' }] }, { a: [1] }, { a: [1] }],
  [
    ['a', 'b'],
    ['c', 'd'],
    ['c', 'd'],
  ],
  [{ a: 'b' }, ['c'], ['c']],
  [{ a: 'foo' }, null, null],
  [{ a: 'foo' }, 'bar', 'bar'],
  [{ e: null }, { a: 1 }, { e: null, a: 1 }],
  [[1, 2], { a: 'b', c: null }, { a: 'b' }],
  [{}, { a: { bb: { ccc: null } } }, { a: { bb: {} } }],
]

describe('a change as the server tells it', () => {
  it.each(standard)('%j with %j is %j', (target, patch, result) => {
    expect(patched(target, patch)).toEqual(result)
  })

  it('leaves what it was made from as it is', () => {
    const before = { pieces: { sun: { x: 1 } } }
    expect(patched(before, { pieces: { sun: { x: 2 } } })).toEqual({ pieces: { sun: { x: 2 } } })
    expect(before).toEqual({ pieces: { sun: { x: 1 } } })
  })

  it('takes a name that objects have from birth as any other', () => {
    const patch = JSON.parse('{"pieces":{"__proto__":{"x":1}}}') as unknown
    const after = patched<{ pieces: object }>({ pieces: {} }, patch)
    expect(Object.keys(after.pieces)).toEqual(['__proto__'])
    expect(({} as { x?: number }).x).toBeUndefined()
  })
})
