import { ref, watch, type Ref } from 'vue'

/** What walking over the page's items with Tab needs of a workbench. */
export interface Selecting {
  chosen: Ref<string[]>
  select: (ids: string[], how?: 'only' | 'toggle') => void
}

/** Selecting by keyboard: Tab selects what it comes to; Shift+Space keeps that and takes one more after another. */
export function useWalking({ chosen, select }: Selecting) {
  /** Several are being taken with Shift+Space: walking past others leaves them be. */
  const collecting = ref(false)
  /** What was selected by walking there, as walking on may undo; a group may be several. */
  let walkedTo: string[] = []
  watch(chosen, (ids) => {
    if (ids.length === 0) collecting.value = false
  })

  /** Somebody has come to an item with Tab. Several that were selected otherwise stay so. */
  function cameTo(id: string) {
    if (collecting.value || chosen.value.includes(id)) return
    if (chosen.value.length > 1 && chosen.value.join() !== walkedTo.join()) return
    select([id])
    walkedTo = chosen.value
  }

  /** The first time what is selected stays so; from then on one more is taken, or let go. */
  function takeOneMore(id: string) {
    const first = !collecting.value && chosen.value.length === 1 && chosen.value[0] === id
    collecting.value = true
    if (!first) select([id], 'toggle')
  }

  function only(id: string) {
    collecting.value = false
    select([id])
  }

  return { collecting, cameTo, takeOneMore, only, stop: () => (collecting.value = false) }
}
