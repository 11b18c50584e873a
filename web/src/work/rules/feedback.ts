import { t } from '@/i18n'
import type { Verdict } from '@/api/schema'

/** What is told of a piece that was put down; the zone's own words come first. Empty when there is nothing to tell. */
export function toldOf(piece: string, zone: string, verdict: Verdict): string {
  if (verdict.rests === 'TAKEN_BACK') return t('told.put-back', { piece })
  if (verdict.reply?.message) return t('told.reply', { piece, message: verdict.reply.message })
  if (verdict.says === 'BELONGS') return t('told.belongs', { piece, zone })
  if (verdict.says === 'DOES_NOT_BELONG') return t(`why.${verdict.why ?? 'NOT_HERE'}`, { piece, zone })
  if (verdict.why === 'TURNED') return t('why.TURNED', { piece })
  return verdict.says === 'NOT_JUDGED' && verdict.zoneId ? t('told.is-in', { piece, zone }) : ''
}

/** What is told of something typed. */
export function toldOfTyped(gap: string, verdict: Verdict): string {
  if (verdict.reply?.message) return verdict.reply.message
  if (verdict.says === 'BELONGS') return t('told.gap-right', { gap })
  if (verdict.says === 'DOES_NOT_BELONG') return t('told.gap-not-yet', { gap })
  return verdict.says === 'CANNOT_DECIDE' ? t('told.gap-teacher', { gap }) : ''
}

export function toldOfCheck(verdict: Verdict): string {
  return countWords(verdict.count ?? { right: 0, of: 0 })
}

type Count = NonNullable<Verdict['count']>

/** What a check found, and what is still between the zone and all that it wants. */
export function countWords({ right, of, missing }: Count): string {
  if (missing === 'TOO_LITTLE') return t('count.too-little', { wrong: of - right })
  if (missing === 'TOO_MUCH') return t('count.too-much', { wrong: of - right })
  if (right < of) return t('count.right', { right, of })
  return missing === 'MORE' ? t('count.more') : t('count.all', { of })
}

/** The same on a small tab on the page. */
export function countTab({ right, of, missing }: Count): string {
  if (missing === 'TOO_LITTLE') return t('count.tab-little')
  if (missing === 'TOO_MUCH') return t('count.tab-much')
  return t('count.right', { right, of })
}

/** Minutes and seconds that are left. */
export function clock(milliseconds: number): string {
  const seconds = Math.ceil(milliseconds / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
