import { t } from '@/i18n'
import { computed, ref, shallowRef, watch } from 'vue'
import { getAll } from '@/api/client'
import type { DrawnStroke, LessonHead } from '@/api/schema'
import { PAGE } from '@/page/geometry'
import { putOnPage } from '@/present/model/putOnPages'
import { inkItems, type NeatOffer } from '@/present/model/strokes'
import type { Tools } from '@/present/model/tools'
import type { Tabs } from './tabs'
import type { Told } from './told'

/** The ink over the pages: what is in the lasso, neat shapes that are offered, clearing, and ink of other days. */
export function useInk(tools: Tools, { show, at }: Tabs, { words, run }: Told) {
  /** Ink in the lasso lies on a layer of its own. */
  const lassoed = ref<string[]>([])
  const below = computed(() => {
    const there = new Set(lassoed.value)
    const all = show.value?.strokes.value ?? []
    return there.size ? all.filter((one) => !there.has(one.id)) : all
  })
  const offered = shallowRef<NeatOffer | null>(null)
  const offerAt = computed(() => ({
    left: `${(offered.value!.at.x / PAGE.width) * 100}%`,
    top: `${(offered.value!.at.y / PAGE.height) * 100}%`,
  }))
  watch([tools.tool, at, () => show.value?.surface.value], () => {
    lassoed.value = []
    offered.value = null
  })

  function draw(drawn: DrawnStroke[], gone: string[]) {
    offered.value = null
    show.value!.draw(drawn, gone)
  }
  function takeOffer() {
    const { drawn, gone } = offered.value!
    draw(drawn, gone)
  }
  function lassoAll() {
    lassoed.value = show.value!.strokes.value.map((one) => one.id)
  }
  /** Ink becomes things on the page, and is ink no longer. */
  async function keep(strokes: DrawnStroke[]) {
    const one = show.value!
    const pageId = one.page.value.id
    await run(async () => {
      await putOnPage(one.activityId, pageId, inkItems(strokes), false)
      lassoed.value = []
      one.ink.change({ pageId: one.surface.value, drawn: [], gone: strokes.map((each) => each.id) })
      await one.work.refresh()
      words.value = t('present.the-ink-stays-on-the-page')
    })
  }

  async function everything() {
    const { strokes, moved, wipe, startAgain } = show.value!
    if (strokes.value.length) wipe()
    if (moved.value) await startAgain()
  }
  async function clear(what: 'ink' | 'moved' | 'everything') {
    await run(async () => {
      if (what === 'ink') show.value!.wipe()
      else if (what === 'moved') await show.value!.startAgain()
      else await everything()
    })
    words.value = t('present.cleared-undo-brings-it-back')
  }

  const days = ref<LessonHead[] | null>(null)
  const otherDays = () =>
    run(async () => {
      days.value = await getAll(`/api/v1/activities/${show.value!.activityId}/lessons`)
    })
  /** Ink of another day is put on today's, as if it were written again. */
  function takeInk(ink: Record<string, DrawnStroke[]>) {
    days.value = null
    const one = show.value!
    for (const [pageId, drawn] of Object.entries(ink)) {
      const fresh = drawn.map((stroke) => ({ ...stroke, id: crypto.randomUUID() }))
      one.ink.change({ pageId, drawn: fresh, gone: [] })
    }
    words.value = t('present.the-ink-is-on-the-pages')
  }
  return {
    lassoed,
    below,
    offered,
    offerAt,
    draw,
    takeOffer,
    lassoAll,
    keep,
    clear,
    days,
    otherDays,
    takeInk,
  }
}
