import { t } from '@/i18n'
import { nextTick, ref, shallowRef, type Ref } from 'vue'
import { get, Refusal } from '@/api/client'
import { PAGE, type Point } from '@/page/geometry'
import { putOnPage } from '@/present/model/putOnPages'
import { asPng, partOf, pictureOf } from '@/present/recording/stagePicture'
import { newWords } from '@/workbench/edits/make'
import type { Tabs } from './tabs'
import type { Told } from './told'

/** Sharp enough to be printed, and on the largest wall; in pixels. */
const PICTURE_WIDTH = 2400

/** Pictures of what is shown, and what is put onto a page from here. */
export function usePictures(
  sheet: Ref<HTMLElement | undefined>,
  { show }: Tabs,
  { words, run }: Told,
  lassoed: Ref<string[]>,
) {
  /** Part of the page is being chosen for a picture. */
  const choosing = ref(false)
  const taken = shallowRef<Blob | null>(null)

  async function take(around: Point[]) {
    const element = sheet.value!
    lassoed.value = []
    await nextTick()
    words.value = t('present.the-picture-is-being-made')
    await run(async () => {
      const whole = await pictureOf(element, PICTURE_WIDTH, '.eraser, .picture-board, .control')
      taken.value = await asPng(partOf(whole, around))
    })
    words.value = ''
    choosing.value = false
  }
  /** Something was put on a page: it is shown there at once. */
  async function wasPut(pageId: string) {
    taken.value = null
    await run(async () => {
      await show.value!.work.refresh()
      await show.value!.open(pageId)
    })
    words.value = t('present.it-is-on-the-page')
  }
  /** What was worked out stands on the page as words. */
  async function putLines(lines: string[]) {
    const one = show.value!
    await run(async () => {
      const { activity } = await get(`/api/v1/activities/${one.activityId}`)
      const page = activity.pages.find((each) => each.id === one.page.value.id)
      if (!page) throw new Refusal(404, t('present.this-page-is-not-in-the'))
      const item = newWords(page, { x: PAGE.width / 2, y: PAGE.height / 2 }, lines.join('\n'))
      await wasPut(await putOnPage(one.activityId, page.id, [item], false))
    })
  }
  return { choosing, taken, take, wasPut, putLines }
}
