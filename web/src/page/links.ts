import { t } from '@/i18n'
import type { PathProgress, Item, Link } from '@/api/schema'
import { traitsOf } from './items'

/** Where items lead, in words and as pages. */
export const linkOf = (item: Item): Link | undefined => traitsOf(item).link

interface Named {
  id: string
  name: string
}

/** What a screen reader says of it, and what stands on the tab beside an item. */
export function leadsTo(link: Link, pages: Named[], gone = t('link.page-gone')): string {
  switch (link.kind) {
    case 'next':
      return t('link.next')
    case 'back':
      return t('link.back')
    case 'start':
      return t('link.start')
    case 'web':
      return t('link.web', { address: link.address })
    case 'file':
      return link.file.name ? t('link.file', { name: link.file.name }) : t('link.a-file')
    case 'spots':
      return t('link.spots')
    case 'page': {
      const i = pages.findIndex((page) => page.id === link.pageId)
      return i < 0 ? gone : t('link.page', { n: i + 1, name: pages[i]!.name })
    }
  }
}

/** The page of the way that stands before one of them; null at its beginning. */
export const before = (course: PathProgress, from: string): string | null =>
  course.pages[course.pages.indexOf(from) - 1] ?? null

/** The page that a link opens from one of them; null where there is none, or none yet. */
export function pageOf(
  link: Link,
  course: PathProgress,
  from: string,
  start: string,
  came: string[],
): string | null {
  if (link.kind === 'page') return link.pageId
  if (link.kind === 'next') return course.onward ?? course.next ?? null
  if (link.kind === 'start') return start
  return link.kind === 'back' ? (came.at(-1) ?? before(course, from)) : null
}

const MOST_OF_AN_ADDRESS = 2000
/** A web address that was pasted or typed into words, as a link; null for anything else. The server reads it again. */
export function webRoute(text: string): Extract<Link, { kind: 'web' }> | null {
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
