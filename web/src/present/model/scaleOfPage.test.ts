import { describe, expect, it } from 'vitest'
import { USUAL_SCALE, withScale } from './scales'

describe('what is measured in on a page', () => {
  it('stays within what the server keeps, whatever is typed', () => {
    const all = withScale({}, 'p', { unit: '  ', per: 2 })
    expect(all.p).toEqual({ unit: 'cm', per: 8 })
    expect(withScale(all, 'p', { unit: 'km', per: 4_000 }).p).toEqual({ unit: 'km', per: 400 })
    expect(withScale(all, 'p', { unit: 'km', per: Number.NaN }).p!.per).toBe(USUAL_SCALE.per)
  })

  it('is forgotten first where it was set first, beyond 300 pages', () => {
    let all = {}
    for (let i = 0; i < 305; i++) all = withScale(all, `p${i}`, USUAL_SCALE)
    expect(Object.keys(all)).toHaveLength(300)
    expect(Object.keys(all)[0]).toBe('p5')
  })
})
