import type { Page } from '@/api/schema'
import type { AnswerKey } from '@/api/schema'
import type { Taken } from './copies'

/**
 * What was copied, for pasting on other pages, in other activities and in other tabs of this browser. It lies in the
 * browser's own store, so that a button can paste as well as the keys.
 */
const PLACE = 'glad-tile-taken'
const PAGE_PLACE = 'glad-tile-page'
const MOST = 4_000_000

export interface TakenPage {
  page: Page
  key: AnswerKey
}

function keep(place: string, value: unknown): boolean {
  const text = JSON.stringify(value)
  if (text.length > MOST) return false
  try {
    localStorage.setItem(place, text)
    return true
  } catch {
    return false
  }
}

function kept<T>(place: string): T | null {
  try {
    return JSON.parse(localStorage.getItem(place) ?? 'null') as T | null
  } catch {
    return null
  }
}

export const keepItems = (what: Taken) => keep(PLACE, what)
export const keptItems = () => kept<Taken>(PLACE)
export const keepPage = (what: TakenPage) => keep(PAGE_PLACE, what)
export const keptPage = () => kept<TakenPage>(PAGE_PLACE)
