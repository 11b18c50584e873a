import type { Ref } from 'vue'
import type { Point } from '@/page/geometry'
import type { PlacedItem } from '@/page/placedItems'
import { useBare } from './bare'
import { provideReach } from './reach'

/** A press beside what is seen of a picture means the piece that lies below it there, if any. */
export function usePressed(
  root: Ref<SVGSVGElement | undefined>,
  drawn: Readonly<Ref<PlacedItem[]>>,
  pointAt: (event: PointerEvent) => Point,
  press: (one: PlacedItem, event: PointerEvent) => void,
) {
  const reach = provideReach(root)
  const { meant } = useBare(
    () => drawn.value,
    () => reach.value,
  )

  return (one: PlacedItem, event: PointerEvent) => {
    const at = pointAt(event)
    if (meant(one, at)) return press(one, event)
    for (const there of document.elementsFromPoint(event.clientX, event.clientY)) {
      const id = there.closest('[data-piece]')?.getAttribute('data-piece')
      const below = id && id !== one.id ? drawn.value.find((other) => other.id === id) : undefined
      if (below && meant(below, at)) return press(below, event)
    }
  }
}
