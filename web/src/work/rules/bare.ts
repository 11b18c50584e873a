import { onBeforeUnmount, watch } from 'vue'
import type { Picture } from '@/api/schema'
import { alphaOf, seenNear, type Alpha } from '@/page/alpha'
import type { PlacedItem } from '@/page/placedItems'
import { inBox, type Point } from '@/page/geometry'
import { isPiece } from '@/page/items'

/** Across a picture; a finger is not exacter. */
const ACROSS = 64

const isBare = (one: PlacedItem): one is PlacedItem & { item: Picture } =>
  one.item.kind === 'picture' && Boolean(one.item.bare) && isPiece(one.item) && !one.over

/**
 * Pictures without a card are what is seen of them: a press beside that, within their box, means what lies below. Until a
 * picture was looked at, or where it cannot be, its whole box counts.
 */
export function useBare(drawn: () => PlacedItem[], reach: () => number) {
  const known = new Map<string, Alpha | null>()
  let gone = false
  onBeforeUnmount(() => (gone = true))
  const nameOf = ({ item }: PlacedItem & { item: Picture }) =>
    JSON.stringify([item.picture, item.crop, Math.round((100 * item.frame.height) / item.frame.width)])

  watch(
    () => drawn().filter(isBare).map(nameOf).join(),
    async () => {
      for (const one of drawn().filter(isBare)) {
        const name = nameOf(one)
        if (gone || known.has(name)) continue
        known.set(name, null)
        try {
          known.set(name, await alphaOf(one.item, ACROSS))
        } catch {
          // Its whole box counts.
        }
      }
    },
    { immediate: true },
  )

  /** Whether a press there means this piece. */
  function meant(one: PlacedItem, at: Point): boolean {
    if (!isBare(one)) return true
    const alpha = known.get(nameOf(one))
    if (!alpha) return true
    const { frame } = one.item
    const on = inBox(frame, at)
    const scale = alpha.width / frame.width
    return seenNear(alpha, { x: on.x * scale, y: on.y * scale }, reach() * scale)
  }
  return { meant }
}
