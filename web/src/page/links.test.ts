import { describe, expect, it } from 'vitest'
import type { Link } from '@/api/schema'
import { leadsTo, pageOf, webRoute } from './links'

const pages = [
  { id: 'a', name: 'Home' },
  { id: 'b', name: 'Sun' },
  { id: 'c', name: 'Moon' },
]

describe('where an item leads', () => {
  it('is said in words', () => {
    expect(leadsTo({ kind: 'page', pageId: 'b' }, pages)).toBe('links to page 2, Sun')
    expect(leadsTo({ kind: 'page', pageId: 'x' }, pages)).toBe('links to a page that is gone')
    expect(leadsTo({ kind: 'web', address: 'https://example.org/' }, pages)).toContain('example.org')
  })

  it('is a page, or none', () => {
    const course = { pages: ['a', 'b', 'c'], next: 'b' }
    const from = (link: Link, at: string, came: string[] = []) => pageOf(link, course, at, 'a', came)
    expect(from({ kind: 'page', pageId: 'c' }, 'a')).toBe('c')
    expect(from({ kind: 'next' }, 'a')).toBe('b')
    expect(pageOf({ kind: 'next' }, { pages: ['a'] }, 'a', 'a', [])).toBeNull()
    // Without the button a thing that links to the next page knows the way by itself.
    expect(pageOf({ kind: 'next' }, { pages: ['a'], onward: 'z' }, 'a', 'a', [])).toBe('z')
    expect(from({ kind: 'start' }, 'c')).toBe('a')
    expect(from({ kind: 'web', address: 'https://example.org/' }, 'a')).toBeNull()
  })

  it('goes back to where one came from, and without that to the page before', () => {
    const course = { pages: ['a', 'b', 'c'] }
    const back = (at: string, came: string[]) => pageOf({ kind: 'back' }, course, at, 'a', came)
    expect(back('b', ['a', 'c'])).toBe('c')
    expect(back('b', [])).toBe('a')
    expect(back('a', [])).toBeNull()
  })

  it('is a web address only where it can be one', () => {
    expect(webRoute(' https://example.org/sky?a=1#moon ')).toEqual({
      kind: 'web',
      address: 'https://example.org/sky?a=1#moon',
    })
    expect(webRoute('mailto:dome@example.org')).not.toBeNull()
    for (const other of [
      'example.org',
      'javascript:alert(1)',
      'data:text/html,x',
      'https://mira@example.org',
      'https://',
      'mailto:nobody',
      'look at https://example.org',
      `https://example.org/${'x'.repeat(2000)}`,
    ])
      expect(webRoute(other)).toBeNull()
  })
})
