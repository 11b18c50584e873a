import type { Item, Route } from '@/api/types'
import { ways } from './items'

/** Where items lead, in words and as pages. */
export const routeTo = (item: Item): Route | undefined => ways(item).route

interface Named {
  id: string
  name: string
}

/** What a screen reader says of it, and what stands on the tab beside an item. */
export function leadsTo(route: Route, pages: Named[]): string {
  switch (route.kind) {
    case 'next':
      return 'leads to the next page'
    case 'back':
      return 'leads back'
    case 'start':
      return 'leads to the start'
    case 'web':
      return `leads to ${route.address}`
    case 'page': {
      const i = pages.findIndex((page) => page.id === route.pageId)
      return i < 0 ? 'leads to a page that is gone' : `leads to page ${i + 1}, ${pages[i]!.name}`
    }
  }
}

/** The page that a route opens from one of them; null where there is none, or none of the activity. */
export function pageOf(route: Route, pages: Named[], from: string, came: string[]): string | null {
  const index = pages.findIndex((page) => page.id === from)
  const there = (id: string | undefined) => (id && pages.some((page) => page.id === id) ? id : null)
  if (route.kind === 'page') return there(route.pageId)
  if (route.kind === 'next') return there(pages[index + 1]?.id)
  if (route.kind === 'start') return there(pages[0]?.id)
  return route.kind === 'back' ? there(came.at(-1) ?? pages[index - 1]?.id) : null
}
