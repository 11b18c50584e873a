import { onBeforeUnmount, onMounted } from 'vue'
import { errorText } from '@/api/client'
import type { Page } from '@/api/schema'
import { PAGE, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'
import { keptItems } from './clipboard'
import { elsewhere } from './linkTargets'
import { newWords, newWordsSaying, tableOf } from './make'
import { saidIn } from '@/workbench/words/pasted'

/** Copying, cutting and pasting with the system's clipboard: items, words from elsewhere, pictures. */

/** Stands in the system's clipboard for items that have no words. */
const MARK = 'Glad Tile items'
const MOST_LETTERS = 20_000
const CENTRE = { x: PAGE.width / 2, y: PAGE.height / 2 }

/** The words of items: what another program gets of them. */
const wordsIn = (items: { kind: string; content?: { text: string } }[]) =>
  items
    .map((item) => (item.kind === 'words' ? item.content!.text : ''))
    .filter(Boolean)
    .join('\n')

export function usePasteboard(
  workbench: Workbench,
  page: () => Page,
  bringFiles: (files: File[], at: Point) => Promise<void>,
) {
  function copy(event: ClipboardEvent) {
    if (elsewhere(event) || workbench.chosen.value.length === 0) return
    workbench.takeAlong()
    event.clipboardData?.setData('text/plain', wordsIn(workbench.selected.value) || MARK)
    event.preventDefault()
    if (event.type === 'cut') workbench.remove()
  }

  function paste(event: ClipboardEvent) {
    if (elsewhere(event)) return
    const files = [...(event.clipboardData?.files ?? [])]
    const text = event.clipboardData?.getData('text/plain') ?? ''
    event.preventDefault()
    if (files.length > 0) {
      void bringFiles(files, CENTRE).catch((error) => workbench.editing.tell(errorText(error)))
    } else if (text && text !== MARK && text !== wordsIn(keptItems()?.items ?? [])) {
      // When the clipboard says just what was copied here, the items themselves are meant.
      // Rows of a spreadsheet come with tabs between their cells.
      const table = text.includes('\t') ? tableOf(page(), CENTRE, text) : null
      workbench.add(table ?? words(event.clipboardData?.getData('text/html') ?? '', text))
    } else workbench.paste(false)
  }
  /** Words with the looks they had, as far as our own know them; without any they are plain. */
  function words(html: string, text: string) {
    const found = html ? saidIn(html, page()) : null
    return found && found.text.length <= MOST_LETTERS
      ? newWordsSaying(page(), CENTRE, found)
      : newWords(page(), CENTRE, text.slice(0, MOST_LETTERS))
  }

  onMounted(() => {
    document.addEventListener('copy', copy)
    document.addEventListener('cut', copy)
    document.addEventListener('paste', paste)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('copy', copy)
    document.removeEventListener('cut', copy)
    document.removeEventListener('paste', paste)
  })
}
