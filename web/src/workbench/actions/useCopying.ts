import { t } from '@/i18n'
import { shallowRef, watch, type Ref } from 'vue'
import type { Frame, Item, Page } from '@/api/schema'
import { around, PAGE, type Point } from '@/page/geometry'
import { keepItems, keptItems } from '@/workbench/edits/clipboard'
import { putting, taken } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import type { Selection } from './useSelection'
import type { Steps } from './useSteps'

/** Where a copy goes that nothing else is known of. */
const BESIDE = { x: 40, y: 40 }

/** Copied, cut, pasted, doubled. */
export function useCopying(
  editing: Editing,
  page: Ref<Page>,
  { pageId, byId, chosen }: Selection,
  { all }: Steps,
  remove: () => void,
) {
  let lastOffset = BESIDE
  function takeAlong() {
    const what = taken(page.value, chosen.value, editing.activity.value.key)
    if (what.items.length > 0 && !keepItems(what)) {
      editing.tell(t('workbench.that-is-too-much-to-copy'))
    }
  }
  function cut() {
    takeAlong()
    remove()
  }

  /** @param inPlace where it lay; else a little beside what it was copied from. */
  function paste(inPlace: boolean) {
    const what = keptItems()
    if (!what || what.items.length === 0) return
    const same = what.pageId === pageId.value && !inPlace
    put(what, same ? lastOffset : { x: 0, y: 0 })
  }

  function duplicate() {
    if (chosen.value.length === 0) return
    const what = taken(page.value, chosen.value, editing.activity.value.key)
    // A row of copies goes on at its distance; another thing begins beside itself.
    const goesOn = chosen.value.every((id) => duplicated.value?.ids.includes(id))
    put(what, goesOn && onThePage(what.items, lastOffset) ? lastOffset : BESIDE)
  }

  /** A row of copies ends at the edge of the page: none is made where nobody would see it. */
  function onThePage(items: Item[], by: Point) {
    const box = around(items.map((item) => item.frame))
    return (
      box.right + by.x > 0 &&
      box.left + by.x < PAGE.width &&
      box.bottom + by.y > 0 &&
      box.top + by.y < PAGE.height
    )
  }

  function put(what: ReturnType<typeof taken>, by: Point) {
    const { edits, ids } = putting(what, page.value, by.x, by.y)
    if (all(edits)) {
      chosen.value = ids
      duplicated.value = { of: what.items[0]!.frame, ids }
    }
  }

  /** Where the last copy was moved to is where the next one goes. */
  const duplicated = shallowRef<{ of: Frame; ids: string[] } | null>(null)
  watch(
    () => (duplicated.value ? byId.value.get(duplicated.value.ids[0]!)?.frame : null),
    (frame) => {
      const of = duplicated.value?.of
      if (frame && of) lastOffset = { x: frame.x - of.x, y: frame.y - of.y }
    },
  )

  return { takeAlong, cut, paste, duplicate, put }
}
