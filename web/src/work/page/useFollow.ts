import { t } from '@/i18n'
import { ref } from 'vue'
import type { FileRef, Link } from '@/api/schema'
import { pageOf } from '@/page/links'
import type { Work } from '@/work/attempt/work'
import { hush } from '@/work/media/speak'

/** What happens when something on a page is pressed that links to somewhere. */
export function useFollow(
  work: () => Work,
  pageId: () => string,
  doing: {
    open: (pageId: string, back: boolean) => unknown
    reveal: (itemIds: string[]) => unknown
    say: (words: string) => void
  },
) {
  /** The address that would be gone to, once it was asked; empty for none. */
  const leaving = ref('')
  /** The file that lies open over the page. */
  const file = ref<FileRef | null>(null)

  function follow(link: Link, itemId: string) {
    const course = work().course.value
    const waits = course.closed?.[itemId]
    if (waits) return doing.say(waits)
    switch (link.kind) {
      case 'file':
        hush()
        file.value = link.file
        return
      case 'spots':
        doing.reveal(link.itemIds)
        return
      case 'web':
        leaving.value = link.address
        return
      default: {
        const to = pageOf(link, course, pageId(), course.pages[0]!, work().state.value.came ?? [])
        if (to) doing.open(to, link.kind === 'back')
        else doing.say(t('pages.none-there'))
      }
    }
  }
  return { leaving, file, follow }
}
