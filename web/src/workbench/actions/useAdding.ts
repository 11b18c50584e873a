import { shallowRef, watch, type Ref } from 'vue'
import type { Edit, Item, Page } from '@/api/schema'
import type { Writing } from './state'
import type { Selection } from './useSelection'
import type { Steps } from './useSteps'

/** Items come onto the page and leave it. */
export function useAdding(
  page: Ref<Page>,
  { pageId, chosen, only }: Selection,
  { edit, all }: Steps,
  writing: Ref<Writing | null>,
) {
  /** A new item, and the one of its kind that was in hand before it. */
  const offered = shallowRef<{ id: string; like: string } | null>(null)
  const inHand = new Map<Item['kind'], string>()
  watch(only, (item) => item && inHand.set(item.kind, item.id))

  function add(item: Item, write = false) {
    const like = inHand.get(item.kind)
    if (!edit({ kind: 'add-item', pageId: pageId.value, index: page.value.items.length, item })) return
    offered.value = like ? { id: item.id, like } : null
    chosen.value = [item.id]
    if (write) writing.value = { id: item.id }
  }

  /** Several at once, as one step. */
  function addAll(items: Item[]) {
    const index = page.value.items.length
    const edits = items.map((item, i): Edit => ({
      kind: 'add-item',
      pageId: pageId.value,
      index: index + i,
      item,
    }))
    if (all(edits)) chosen.value = items.map((item) => item.id)
  }

  function remove() {
    const ids = chosen.value
    if (all(ids.map((itemId) => ({ kind: 'remove-item', pageId: pageId.value, itemId })))) chosen.value = []
  }

  return { offered, add, addAll, remove }
}
