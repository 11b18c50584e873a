import type { PageScale } from '@/api/schema'

export const USUAL_SCALE: PageScale = { unit: 'cm', per: 50 }
/** As core's bounds on a scale, in page units, and on how many pages have one. */
export const LEAST_PER = 8
export const MOST_PER = 400
const MOST_PAGES = 300

/** The scales of pages with another for one of them; of more than are kept those that were set first go. */
export function withScale(
  scales: Record<string, PageScale>,
  pageId: string,
  to: PageScale,
): Record<string, PageScale> {
  const { [pageId]: _, ...others } = scales
  const per = Math.min(MOST_PER, Math.max(LEAST_PER, to.per || USUAL_SCALE.per))
  const kept = Object.entries(others).slice(1 - MOST_PAGES)
  return { ...Object.fromEntries(kept), [pageId]: { unit: to.unit.trim() || USUAL_SCALE.unit, per } }
}
