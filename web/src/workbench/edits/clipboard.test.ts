import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Item } from '@/api/schema'
import type { Taken } from './copies'
import { keepItems, keepPage, keptItems, keptPage } from './clipboard'

const zone: Item = {
  kind: 'zone',
  id: 'z',
  frame: { x: 0, y: 0, width: 10, height: 10, turn: 0 },
  description: '',
  label: 'Z 🔭',
  movement: { kind: 'fixed' },
}
const what: Taken = { pageId: 'p', items: [zone], decisions: {}, rules: {} }

describe('what was copied', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => vi.restoreAllMocks())

  it('is there in another tab, items and a page each by themselves', () => {
    const page = {
      page: { id: 'p', name: 'P', paper: { colour: '#ffffff' }, items: [zone] },
      key: { decisions: {}, rules: {} },
    }
    expect(keptItems()).toBeNull()
    expect(keepItems(what)).toBe(true)
    expect(keepPage(page)).toBe(true)
    expect(keptItems()).toEqual(what)
    expect(keptPage()).toEqual(page)
  })

  it('stays what it was when the next is too much', () => {
    keepItems(what)
    const huge = { ...what, items: [{ ...zone, label: 'x'.repeat(4_000_001) }] }
    expect(keepItems(huge)).toBe(false)
    expect(keptItems()).toEqual(what)
  })

  it('is nothing when something else left rubbish in its place', () => {
    localStorage.setItem('glad-tile-taken', '{no')
    expect(keptItems()).toBeNull()
  })

  it('says so when the browser keeps nothing for us', () => {
    vi.stubGlobal('localStorage', {
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError')
      },
    })
    expect(keepItems(what)).toBe(false)
    vi.unstubAllGlobals()
  })
})
