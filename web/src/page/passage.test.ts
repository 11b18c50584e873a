import { describe, expect, it } from 'vitest'
import type { Activity, PageWays } from '@/api/types'
import { nextOf, numbered, startOf, USUAL_WAYS } from './passage'

const page = (id: string, ways: Partial<PageWays> = {}) => ({
  id,
  name: id,
  paper: { colour: '#ffffff' },
  items: [],
  ways: { ...USUAL_WAYS, ...ways },
})
const activity = (start: string | undefined, ...pages: ReturnType<typeof page>[]) =>
  ({
    title: '',
    pages,
    key: {},
    passage: { nextAndBack: true, whenSolved: false, ...(start ? { start } : {}) },
  }) as unknown as Activity

describe('how pages follow one another', () => {
  it('leaves out what was set aside, and goes where a page says', () => {
    const sky = activity(
      undefined,
      page('a'),
      page('b', { aside: true }),
      page('c', { to: 'e' }),
      page('d'),
      page('e'),
    )
    expect(nextOf(sky, 'a')?.id).toBe('c')
    expect(nextOf(sky, 'c')?.id).toBe('e')
    expect(nextOf(sky, 'e')).toBeUndefined()
    expect(startOf(sky).id).toBe('a')
  })
  it('ends where a page ends, and takes no notice of a page that is gone', () => {
    const sky = activity('gone', page('a', { to: 'gone' }), page('b', { ends: true }), page('c'))
    expect(nextOf(sky, 'a')?.id).toBe('b')
    expect(nextOf(sky, 'b')).toBeUndefined()
    expect(startOf(sky).id).toBe('a')
    expect(startOf(activity('c', page('a'), page('c'))).id).toBe('c')
    expect(numbered(sky.pages, 'b')).toBe('2 · b')
    expect(numbered(sky.pages, 'x')).toContain('deleted')
  })
})
