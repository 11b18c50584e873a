import { computed, watch } from 'vue'
import { before } from '@/page/links'
import type { Work } from '@/work/attempt/work'

/** The pages of a piece of work, in the order of its student's path, and where they are. */
export function usePageNavigation(work: () => Work) {
  const state = computed(() => work().state.value)
  const course = computed(() => work().course.value)
  const pages = computed(() => {
    const open = new Map(work().view.pages.map((one) => [one.id, one]))
    const path = course.value.pages.flatMap((id) => open.get(id) ?? [])
    return path.some((one) => one.id === state.value.pageId)
      ? path
      : [...path, ...work().view.pages.filter((one) => one.id === state.value.pageId)]
  })
  const index = computed(() =>
    Math.max(
      0,
      pages.value.findIndex((page) => page.id === state.value.pageId),
    ),
  )
  const page = computed(() => pages.value[index.value]!)
  /** Back to where the student came from; without that, to the page before. */
  const behind = computed(() => state.value.came?.at(-1) ?? before(course.value, page.value.id))
  watch(
    () => `${page.value.name} · ${work().view.title}`,
    (title) => (document.title = title),
    { immediate: true },
  )

  const progress = computed(() => work().progress.value)
  const solvedOn = (i: number) => progress.value.on[pages.value[i]!.id] ?? 0
  /** With what lies there and is judged later: to the child it is placed. */
  const placedOn = (i: number) => solvedOn(i) + (progress.value.waiting?.[pages.value[i]!.id] ?? 0)
  /** How much of a page is done, 0 to 1; one with nothing to do is done once it was met and left. */
  function share(i: number): number {
    const { id, placements } = pages.value[i]!
    if (placements > 0) return placedOn(i) / placements
    const met = state.value.met?.some((one) => one.pageId === id)
    return (met && i !== index.value) || state.value.standing === 'HANDED_IN' ? 1 : 0
  }
  /** What is still open, page by page. */
  const stillOpen = computed(() =>
    pages.value.flatMap((one, i) => {
      const left = one.placements - placedOn(i)
      return left > 0 ? [{ id: one.id, n: one.number, name: one.name, left }] : []
    }),
  )
  return { pages, index, page, behind, solvedOn, placedOn, share, stillOpen }
}

export type PageNavigation = ReturnType<typeof usePageNavigation>
