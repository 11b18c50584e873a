import { computed, ref, watch, type Ref } from 'vue'
import type { Page } from '@/api/schema'
import { groupsOf } from '@/page/items'

/** What is selected on a page: whole groups, unless one goes inside. */
export function useSelection(page: Ref<Page>) {
  const chosen = ref<string[]>([])
  const byId = computed(() => new Map(page.value.items.map((item) => [item.id, item])))
  /** In the order of depth, the lowest first. */
  const selected = computed(() => {
    const wanted = new Set(chosen.value)
    return page.value.items.filter((item) => wanted.has(item.id))
  })
  const only = computed(() => (selected.value.length === 1 ? selected.value[0]! : null))
  const pageId = computed(() => page.value.id)
  watch(pageId, () => (chosen.value = []))

  /** Everything that belongs to the outermost groups of these. */
  function withGroups(ids: string[]): string[] {
    const groups = new Set(ids.map((id) => groupsOf(byId.value.get(id)!)[0]).filter(Boolean))
    const own = new Set(ids)
    return page.value.items
      .filter((item) => own.has(item.id) || (groupsOf(item)[0] && groups.has(groupsOf(item)[0]!)))
      .map((item) => item.id)
  }

  function select(ids: string[], how: 'only' | 'toggle' | 'add' | 'inside' = 'only') {
    const wanted = how === 'inside' ? ids : withGroups(ids)
    if (how === 'toggle') {
      const there = wanted.every((id) => chosen.value.includes(id))
      chosen.value = there
        ? chosen.value.filter((id) => !wanted.includes(id))
        : [...new Set([...chosen.value, ...wanted])]
    } else if (how === 'add') chosen.value = [...new Set([...chosen.value, ...wanted])]
    else chosen.value = wanted
  }
  const selectAll = () => (chosen.value = page.value.items.map((item) => item.id))

  return { pageId, byId, chosen, selected, only, select, selectAll }
}
export type Selection = ReturnType<typeof useSelection>
