import type { Course, Item, Route } from '@/api/types'
import { ways } from './items'

/** Where items lead, in words and as pages. */
export const routeTo = (item: Item): Route | undefined => ways(item).route

interface Named {
  id: string
  name: string
}

/** What a screen reader says of it, and what stands on the tab beside an item. */
export function leadsTo(route: Route, pages: Named[], gone = 'leads to a page that is gone'): string {
  switch (route.kind) {
    case 'next':
      return 'leads to the next page'
    case 'back':
      return 'leads back'
    case 'start':
      return 'leads to the start'
    case 'web':
      return `leads to ${route.address}`
    case 'file':
      return `opens ${route.file.name || 'a file'}`
    case 'spots':
      return 'shows or hides something'
    case 'page': {
      const i = pages.findIndex((page) => page.id === route.pageId)
      return i < 0 ? gone : `leads to page ${i + 1}, ${pages[i]!.name}`
    }
  }
}

/** The page of the way that stands before one of them; null at its beginning. */
export const before = (course: Course, from: string): string | null =>
  course.pages[course.pages.indexOf(from) - 1] ?? null

/** The page that a route opens from one of them; null where there is none, or none yet. */
export function pageOf(
  route: Route,
  course: Course,
  from: string,
  start: string,
  came: string[],
): string | null {
  if (route.kind === 'page') return route.pageId
  if (route.kind === 'next') return course.onward ?? course.next ?? null
  if (route.kind === 'start') return start
  return route.kind === 'back' ? (came.at(-1) ?? before(course, from)) : null
}

const MOST_OF_AN_ADDRESS = 2000
/** A web address that was pasted or typed into words, as a route; null for anything else. The server reads it again. */
export function webRoute(text: string): Extract<Route, { kind: 'web' }> | null {
  const written = text.trim()
  if (!/^(https?:\/\/|mailto:)\S+$/i.test(written) || written.length > MOST_OF_AN_ADDRESS) return null
  try {
    const url = new URL(written)
    const named = url.username !== '' || url.password !== ''
    const host = url.protocol === 'mailto:' ? /^[^@\s]+@[^@\s]+$/.test(url.pathname) : url.hostname !== ''
    return !named && host ? { kind: 'web', address: written } : null
  } catch {
    return null
  }
}
