import type { Activity, AnswerKey, Item, Page } from '@/api/schema'
import { piecesOf as piecesIn, zonesOf as zonesIn } from '@/page/items'
import { decisionOf } from './mirror'

export const zonesOf = (page: Page) => zonesIn(page.items)
export const piecesOf = (page: Page): Item[] => piecesIn(page.items)

/** A piece is undecided while any of its cells is; where there is no zone there is nothing to decide. */
export const isUndecided = (key: AnswerKey, page: Page, piece: Item) =>
  zonesOf(page).some((zone) => decisionOf(key, zone.id, piece.id) === 'UNDECIDED')

export const undecided = (activity: Activity) =>
  activity.pages.reduce(
    (sum, page) => sum + piecesOf(page).filter((piece) => isUndecided(activity.key, page, piece)).length,
    0,
  )
