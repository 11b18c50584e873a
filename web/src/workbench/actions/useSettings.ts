import { t } from '@/i18n'
import { computed } from 'vue'
import { newId } from '@/api/id'
import type { Edit, Item, Movement, Traits } from '@/api/schema'
import { alwaysFixed, groupsOf, traitsOf } from '@/page/items'
import type { Editing } from '@/workbench/edits/editing'
import type { Selection } from './useSelection'
import type { Steps } from './useSteps'

/** What the selected items are and how they behave; groups of them. */
export function useSettings(editing: Editing, { pageId, selected }: Selection, { edit, all }: Steps) {
  const setTraits = (change: (traits: Traits, item: Item) => Traits) =>
    all(
      selected.value.map((item) => ({
        kind: 'set-traits',
        pageId: pageId.value,
        itemId: item.id,
        traits: change(traitsOf(item), item),
      })),
    )

  function group() {
    if (selected.value.length < 2) return
    const id = newId()
    const count = selected.value.length
    // A drop zone moves with the piece it is grouped with, as a boat's hold does.
    const grouping = selected.value.flatMap((item): Edit[] => {
      const traits = { ...traitsOf(item), groups: [id, ...groupsOf(item)] }
      const joined: Edit = { kind: 'set-traits', pageId: pageId.value, itemId: item.id, traits }
      return item.kind === 'zone' && !item.carried
        ? [joined, { kind: 'set-body', pageId: pageId.value, item: { ...item, carried: true } }]
        : [joined]
    })
    if (all(grouping)) editing.note(t('workbench.count-things-are-one-group-now', { count }))
  }
  function ungroup() {
    const there = grouped.value
    if (setTraits((traits) => ({ ...traits, groups: traits.groups.slice(1) })) && there)
      editing.note(t('workbench.the-group-is-parted-each-thing'))
  }
  const grouped = computed(() => selected.value.some((item) => groupsOf(item).length > 0))

  const setMovement = (movement: Movement) =>
    all(
      selected.value
        .filter((item) => !alwaysFixed(item))
        .map((item) => ({ kind: 'set-movement', pageId: pageId.value, itemId: item.id, movement })),
    )

  /** Changes the look and contents of whatever is selected and has them. */
  function setBodies(change: (item: Item) => Item | null) {
    all(
      selected.value.flatMap((item): Edit[] => {
        const changed = change(item)
        return changed ? [{ kind: 'set-body', pageId: pageId.value, item: changed }] : []
      }),
    )
  }
  const setBody = (item: Item) => edit({ kind: 'set-body', pageId: pageId.value, item })

  return { setTraits, group, ungroup, grouped, setMovement, setBodies, setBody }
}
