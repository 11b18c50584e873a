import type { Activity, AnswerKey, Item, Page, Zone } from '@/api/types'
import { isPiece } from '@/page/names'
import { decisionOf } from './mirror'

export const zonesOf = (page: Page) => page.items.filter((item): item is Zone => item.kind === 'zone')
export const piecesOf = (page: Page): Item[] => page.items.filter(isPiece)

/** A piece is undecided while any of its cells is; where there is no zone there is nothing to decide. */
export const isUndecided = (key: AnswerKey, page: Page, piece: Item) =>
  zonesOf(page).some((zone) => decisionOf(key, zone.id, piece.id) === 'UNDECIDED')

export const undecided = (activity: Activity) =>
  activity.pages.reduce(
    (sum, page) => sum + piecesOf(page).filter((piece) => isUndecided(activity.key, page, piece)).length,
    0,
  )
