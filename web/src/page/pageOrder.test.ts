import { describe, expect, it } from 'vitest'
import type { Activity, PageLinks } from '@/api/schema'
import { nextOf, numbered, startOf, USUAL_LINKS } from './pageOrder'

const page = (id: string, links: Partial<PageLinks> = {}) => ({
  id,
  name: id,
  paper: { colour: '#ffffff' },
  items: [],
  links: { ...USUAL_LINKS, ...links },
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
