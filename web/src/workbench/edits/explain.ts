import { t } from '@/i18n'
import { post } from '@/api/client'
import type { Act, Activity, AnswerKey, Item, Page, Verdict, Zone } from '@/api/schema'
import { letter } from '@/page/geometry'
import { originalOf, zonesOf } from '@/page/items'
import { itemName } from '@/page/names'
import { pairWords, valueWords } from '@/page/scales'
import { factsOf, ruleOf, saidOf } from './answerKey'

/** Why a try was answered as it was, for the teacher; empty where there is nothing to explain. */
export async function explained(act: Act, verdict: Verdict | null, activity: Activity): Promise<string> {
  if (!verdict || !('pageId' in act)) return ''
  const page = activity.pages.find((one) => one.id === act.pageId)
  if (!page) return ''
  if (act.kind === 'put') return ofPiece(act.pieceId, verdict, page, activity)
  if (act.kind === 'type') return ofTyped(act.gapId, act.text, activity)
  if (act.kind === 'check' && verdict.count)
    return t('workbench.right-of-of-that-waited-were', { right: verdict.count.right, of: verdict.count.of })
  return ''
}

function ofPiece(id: string, verdict: Verdict, page: Page, activity: Activity): string {
  const { key } = activity
  const piece = page.items.find((item) => item.id === originalOf(id))
  const zones = zonesOf(page.items)
  const index = zones.findIndex((zone) => zone.id === verdict.zoneId)
  if (!piece) return ''
  if (index < 0) return t('workbench.piece-lies-in-no-drop-zone', { piece: itemName(piece) })
  const zone = zones[index]!
  const name = t('workbench.piece-in-zone', {
    piece: itemName(piece),
    letter: letter(index),
    zone: itemName(zone),
  })
  const rule = ruleOf(key, zone.id)
  if (verdict.why === 'TURNED')
    return t('workbench.name-it-belongs-once-it-is', {
      name,
      rightTurn: factsOf(key, piece.id).rightTurn ?? 0,
    })
  if (verdict.says === 'NOT_JUDGED')
    return t('workbench.judged-later', { name, atHandIn: rule.timing === 'ON_HAND_IN' ? 'yes' : 'no' })
  const said = saidOf(key, zone.id, piece.id)
  const takes = rule.wants?.takes ?? []
  const labels = factsOf(key, piece.id).labels ?? []
  if (verdict.says === 'BELONGS') {
    return said === 'BELONGS'
      ? t('workbench.name-the-table-says-that-it', { name })
      : t('workbench.labelled-so', { name, label: labels.filter((one) => takes.includes(one)).join(', ') })
  }
  switch (verdict.why) {
    case 'FULL':
      return t('workbench.name-the-zone-is-full-that', { name })
    case 'TOO_MANY':
      return t('workbench.name-as-many-copies-of-it', { name })
    case 'TOO_MUCH':
      return t('workbench.sum-too-large', {
        name,
        value: factsOf(key, piece.id).value ?? 0,
        total: rule.wants?.total ?? 0,
      })
    case 'TOO_LOW':
    case 'TOO_HIGH':
    case 'TOO_EARLY':
    case 'TOO_LATE':
    case 'TOO_FAR_LEFT':
    case 'TOO_FAR_RIGHT':
    case 'OTHER_AXIS':
      return t('workbench.name-it-belongs-at-zone', { name, zone: valuesOf(key, piece, zone) })
    case 'WRONG_PLACE':
      if (zone.scale)
        return t('workbench.name-it-belongs-at-zone', { name, zone: valuesOf(key, piece, zone) })
      return t('workbench.belongs-elsewhere-in-order', {
        name,
        place: rule.wants?.sequence?.places[piece.id] ?? t('workbench.another-place'),
      })
    case 'NOT_WITH_THESE':
      return t('workbench.name-it-does-not-go-with', { name })
    case 'NO_MORE_TRIES':
      return t('workbench.name-the-zone-was-tried-tries', { name, tries: rule.tries ?? 0 })
    default:
      if (said === 'DOES_NOT_BELONG') return t('workbench.name-the-table-says-that-it-2', { name })
      if (factsOf(key, piece.id).nowhere) return t('workbench.name-it-is-not-an-answer', { name })
      return takes.length
        ? t('workbench.name-it-has-none-of-the', { name })
        : t('workbench.name-nothing-is-decided-so-it', { name })
  }
}

function valuesOf(key: AnswerKey, piece: Item, zone: Zone): string {
  const { value, valueUp } = factsOf(key, piece.id)
  const along = valueWords(zone.scale, value ?? 0)
  return zone.up ? pairWords(along, valueUp === undefined ? '…' : valueWords(zone.up, valueUp)) : along
}

async function ofTyped(gapId: string, answer: string, activity: Activity): Promise<string> {
  const rule = activity.key.typed?.[gapId]?.rule
  if (!rule) return t('workbench.nothing-is-said-of-what-is')
  if (!answer.trim()) return ''
  return (await post('/api/v1/typed-trials', { rule, answer, language: activity.key.terms?.language })).why
}
