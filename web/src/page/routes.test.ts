import { describe, expect, it } from 'vitest'
import { leadsTo, pageOf } from './routes'

const pages = [
  { id: 'a', name: 'Home' },
  { id: 'b', name: 'Sun' },
  { id: 'c', name: 'Moon' },
]

describe('where an item leads', () => {
  it('is said in words', () => {
    expect(leadsTo({ kind: 'page', pageId: 'b' }, pages)).toBe('leads to page 2, Sun')
    expect(leadsTo({ kind: 'page', pageId: 'x' }, pages)).toBe('leads to a page that is gone')
    expect(leadsTo({ kind: 'web', address: 'https://example.org/' }, pages)).toContain('example.org')
  })

  it('is a page of the activity, or none', () => {
    expect(pageOf({ kind: 'page', pageId: 'c' }, pages, 'a', [])).toBe('c')
    expect(pageOf({ kind: 'page', pageId: 'x' }, pages, 'a', [])).toBeNull()
    expect(pageOf({ kind: 'next' }, pages, 'a', [])).toBe('b')
    expect(pageOf({ kind: 'next' }, pages, 'c', [])).toBeNull()
    expect(pageOf({ kind: 'start' }, pages, 'c', [])).toBe('a')
    expect(pageOf({ kind: 'web', address: 'https://example.org/' }, pages, 'a', [])).toBeNull()
  })

  it('goes back to where one came from, and without that to the page before', () => {
    expect(pageOf({ kind: 'back' }, pages, 'b', ['a', 'c'])).toBe('c')
    expect(pageOf({ kind: 'back' }, pages, 'b', [])).toBe('a')
    expect(pageOf({ kind: 'back' }, pages, 'a', [])).toBeNull()
  })
})
