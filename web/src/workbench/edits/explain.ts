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
    return `${verdict.count.right} of ${verdict.count.of} that waited were right.`
  return ''
}

function ofPiece(id: string, verdict: Verdict, page: Page, activity: Activity): string {
  const { key } = activity
  const piece = page.items.find((item) => item.id === originalOf(id))
  const zones = zonesOf(page.items)
  const index = zones.findIndex((zone) => zone.id === verdict.zoneId)
  if (!piece) return ''
  if (index < 0) return `${itemName(piece)} lies in no drop zone, so nothing was asked.`
  const zone = zones[index]!
  const name = `${itemName(piece)} in ${letter(index)}, ${itemName(zone)}`
  const rule = ruleOf(key, zone.id)
  if (verdict.why === 'TURNED')
    return `${name}: it belongs, once it is turned to ${factsOf(key, piece.id).rightTurn}°.`
  if (verdict.says === 'NOT_JUDGED')
    return `${name}: it is judged ${rule.timing === 'ON_HAND_IN' ? 'on hand-in' : 'on check'}, so nothing is said yet.`
  const said = saidOf(key, zone.id, piece.id)
  const takes = rule.wants?.takes ?? []
  const labels = factsOf(key, piece.id).labels ?? []
  if (verdict.says === 'BELONGS') {
    return said === 'BELONGS'
      ? `${name}: the table says that it belongs.`
      : `${name}: it is labelled ${labels.filter((one) => takes.includes(one)).join(', ')}, which the zone takes.`
  }
  switch (verdict.why) {
    case 'FULL':
      return `${name}: the zone is full. That costs nothing.`
    case 'TOO_MANY':
      return `${name}: as many copies of it as are wanted lie there already.`
    case 'TOO_MUCH':
      return `${name}: with its value of ${factsOf(key, piece.id).value ?? 0} the sum would be more than ${rule.wants?.total}.`
    case 'TOO_LOW':
    case 'TOO_HIGH':
    case 'TOO_EARLY':
    case 'TOO_LATE':
    case 'TOO_FAR_LEFT':
    case 'TOO_FAR_RIGHT':
    case 'OTHER_AXIS':
      return `${name}: it belongs, at ${valuesOf(key, piece, zone)}.`
    case 'WRONG_PLACE':
      if (zone.scale) return `${name}: it belongs, at ${valuesOf(key, piece, zone)}.`
      return `${name}: it belongs, but its place in the order is ${rule.wants?.sequence?.places[piece.id] ?? 'another one'}.`
    case 'NOT_WITH_THESE':
      return `${name}: it does not go with what lies in the zones that are answered together.`
    case 'NO_MORE_TRIES':
      return `${name}: the zone was tried ${rule.tries} times, which is all it allows.`
    default:
      if (said === 'DOES_NOT_BELONG') return `${name}: the table says that it does not belong.`
      if (factsOf(key, piece.id).nowhere) return `${name}: it is not an answer anywhere.`
      return takes.length
        ? `${name}: it has none of the labels that the zone takes.`
        : `${name}: nothing is decided, so it does not count as belonging.`
  }
}

function valuesOf(key: AnswerKey, piece: Item, zone: Zone): string {
  const { value, valueUp } = factsOf(key, piece.id)
  const along = valueWords(zone.scale, value ?? 0)
  return zone.up ? pairWords(along, valueUp === undefined ? '…' : valueWords(zone.up, valueUp)) : along
}

async function ofTyped(gapId: string, answer: string, activity: Activity): Promise<string> {
  const rule = activity.key.typed?.[gapId]?.rule
  if (!rule) return 'Nothing is said of what is right there.'
  if (!answer.trim()) return ''
  return (await post('/api/v1/typed-trials', { rule, answer, language: activity.key.terms?.language })).why
}
