import { inject, onBeforeUnmount, onMounted, provide, ref, type InjectionKey, type Ref } from 'vue'
import { PAGE } from '@/page/geometry'

/** The radius within which a finger finds a round button on the page, in page units. */
const REACH: InjectionKey<Ref<number>> = Symbol('reach')
export const LEAST = 27
/** On a very small screen it grows no further: it would lie over the whole piece. */
const MOST = 66
/** What a finger needs, in pixels. */
const FINGER = 22

export const reachAt = (pageWidth: number) =>
  pageWidth > 0 ? Math.min(MOST, Math.max(LEAST, (FINGER * PAGE.width) / pageWidth)) : LEAST

/** Follows the size at which the page is drawn. */
export function provideReach(root: Ref<SVGSVGElement | undefined>) {
  const reach = ref(LEAST)
  provide(REACH, reach)
  let watcher: ResizeObserver | undefined
  onMounted(() => {
    if (typeof ResizeObserver === 'undefined' || !root.value) return
    watcher = new ResizeObserver(([entry]) => (reach.value = reachAt(entry!.contentRect.width)))
    watcher.observe(root.value)
  })
  onBeforeUnmount(() => watcher?.disconnect())
  return reach
}
export const useReach = () => inject(REACH, ref(LEAST))
