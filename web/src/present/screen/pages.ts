import { t } from '@/i18n'
import { computed, ref } from 'vue'
import type { Link } from '@/api/schema'
import { pageOf } from '@/page/links'
import { toldOfCheck } from '@/work/rules/feedback'
import type { Tabs } from './tabs'
import type { Told } from './told'

/** From page to page, of the activity and of a document that lies on it. */
export function usePages({ show }: Tabs, { words, run }: Told) {
  /** A web address that was pressed, until it is said whether to go there. */
  const leaving = ref('')
  /** Where pages are on their way to: who presses twice goes two pages on, however long one takes. */
  let aim: number | null = null

  async function go(to: number) {
    const page = show.value?.pages.value[to]
    if (!page) return
    await run(() => show.value!.open(page.id))
    words.value = t('present.page-to-page', { to: to + 1, page: page.name })
  }
  async function turn(by: 1 | -1) {
    const one = show.value!
    if (one.document.value) return turnDocument(by)
    const to = Math.max(0, Math.min(one.pages.value.length - 1, (aim ?? one.index.value) + by))
    aim = to
    await go(to)
    if (aim === to) aim = null
  }
  function turnDocument(by: 1 | -1) {
    const { document } = show.value!
    const { file, page, pages } = document.value!
    const to = Math.max(0, Math.min(pages - 1, page + by))
    document.value = { file, page: to, pages }
    words.value = t('present.page-to-of-pages-of-the', { to: to + 1, pages })
  }
  /** How many pages it has is known once it is read. */
  function setDocumentPages(pages: number) {
    const { document } = show.value!
    document.value = { ...document.value!, pages }
  }
  function closeDocument() {
    show.value!.document.value = null
    words.value = ''
  }
  /** What lies on top is turned: the document, else the page. */
  const canTurn = computed(() => {
    const one = show.value
    if (!one) return { back: false, on: false }
    const [at, of] = one.document.value
      ? [one.document.value.page, one.document.value.pages]
      : [one.index.value, one.pages.value.length]
    return { back: at > 0, on: at < of - 1 }
  })

  function follow(to: Link) {
    const { work, page } = show.value!
    if (to.kind === 'file') show.value!.document.value = { file: to.file, page: 0, pages: 1 }
    else if (to.kind === 'web') leaving.value = to.address
    else if (to.kind === 'spots')
      void run(() => work.make({ kind: 'reveal', pageId: page.value.id, itemIds: to.itemIds }))
    else {
      const came = work.state.value.came ?? []
      const course = work.course.value
      const target = pageOf(to, course, page.value.id, course.pages[0]!, came)
      if (target) void run(() => show.value!.open(target, to.kind === 'back'))
      else words.value = t('present.there-is-no-page-there')
    }
  }
  /** What is judged only when it is asked for. */
  async function check() {
    const { work, page } = show.value!
    await run(async () => {
      const verdict = await work.make({ kind: 'check', pageId: page.value.id })
      if (verdict) words.value = toldOfCheck(verdict)
    })
  }
  return { leaving, go, turn, setDocumentPages, closeDocument, canTurn, follow, check }
}
