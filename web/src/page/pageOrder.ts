import { t } from '@/i18n'
import type { Activity, Page, PageLinks, Passage } from '@/api/schema'

/** What core's Activity and Page know of how pages follow one another; for showing only. */
export const USUAL_LINKS: PageLinks = { ends: false, aside: false }
export const USUAL_PASSAGE: Passage = { nextAndBack: true, whenSolved: false }

export const linksOf = (page: Page): PageLinks => page.links ?? USUAL_LINKS
export const passingOf = (activity: Activity): Passage => activity.passage ?? USUAL_PASSAGE

/** The page that students begin with. */
export function startOf(activity: Activity): Page {
  const seen = activity.pages.filter((page) => !linksOf(page).aside)
  const meant = seen.find((page) => page.id === passingOf(activity).start)
  return meant ?? seen[0] ?? activity.pages[0]!
}

/** The page that Next leads to from one of them, whatever was done there; none at an end. */
export function nextOf(activity: Activity, pageId: string): Page | undefined {
  const at = activity.pages.findIndex((page) => page.id === pageId)
  const links = linksOf(activity.pages[at]!)
  if (links.ends) return undefined
  const seen = (page: Page) => !linksOf(page).aside
  return (
    activity.pages.find((page) => page.id === links.to && seen(page)) ??
    activity.pages.slice(at + 1).find(seen)
  )
}

/** A page by its number and name. */
export function numbered(pages: { id: string; name: string }[], id: string): string {
  const index = pages.findIndex((page) => page.id === id)
  return index < 0 ? t('page.deleted') : `${index + 1} · ${pages[index]!.name}`
}
