import { t } from '@/i18n'
import { computed } from 'vue'
import { isPiece } from '@/page/names'
import type { Work } from '@/work/attempt/work'
import type { PageNavigation } from './usePageNavigation'

/** How far a page is, in the words of the line below it, and what could be done about it. */
export function useStanding(
  work: () => Work,
  { page, index, solvedOn, placedOn }: PageNavigation,
  untold: () => boolean,
) {
  const state = computed(() => work().state.value)
  const handedIn = computed(() => state.value.standing === 'HANDED_IN')
  /** Whether something lies on this page that Check would look at. */
  const waits = computed(() => {
    const zones = new Set(page.value.onCheck ?? [])
    return (
      Object.values(state.value.pieces).some((piece) => piece.waits && zones.has(piece.zoneId ?? '')) ||
      Object.entries(state.value.typed ?? {}).some(
        ([id, gap]) => zones.has(id) && gap.says === 'NOT_JUDGED' && gap.text.trim() !== '',
      )
    )
  })
  /** Whether there is something on this page that could be reset. */
  const begun = computed(() =>
    page.value.items.some(
      (item) => (isPiece(item) && state.value.pieces[item.id]) || state.value.typed?.[item.id]?.text,
    ),
  )
  const standing = computed(() => {
    if (handedIn.value && untold()) return t('standing.handed-in-untold')
    if (handedIn.value) {
      const { score, solved: right } = work().progress.value
      const done = { right, of: work().placements }
      // Points are told only where the teacher set some.
      return work().view.pointsFor
        ? t('standing.handed-in-points', { ...done, got: score.got, most: score.most })
        : t('standing.handed-in', done)
    }
    const of = page.value.placements
    if (!of) return ''
    const typed = page.value.items.some((item) => item.kind === 'gap')
    const later = placedOn(index.value) > solvedOn(index.value)
    // Where a check can be asked for, or it was told at once, what is right counts; else what was done.
    if (page.value.onCheck?.length || (typed && !later))
      return t('standing.right', { done: solvedOn(index.value), of })
    return t(typed ? 'standing.done' : 'standing.placed', { done: placedOn(index.value), of })
  })
  return { handedIn, waits, begun, standing }
}
