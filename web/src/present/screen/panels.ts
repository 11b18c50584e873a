import { ref, shallowRef, watch } from 'vue'
import { getAll } from '@/api/client'
import type { ClassHead } from '@/api/schema'
import type { Panel, Tools } from '@/present/model/tools'
import type { Told } from './told'

/** The panel beside the dock, and the cards that lie over the page. */
export function usePanels(tools: Tools, { run }: Told) {
  const panel = ref<Panel | null>(null)
  const strip = ref(false)
  const turns = ref(false)
  const calculating = ref(false)
  const grouping = ref(false)
  const typing = ref(false)
  const classes = shallowRef<ClassHead[]>([])

  function toggle(one: Panel) {
    panel.value = panel.value === one ? null : one
    if (panel.value === 'class' && !classes.value.length)
      void run(async () => {
        classes.value = (await getAll('/api/v1/classes')).filter((each) => !each.archived)
      })
  }
  /** Out of the way, for what it was pressed for. */
  const close = () => {
    panel.value = null
  }
  watch(tools.tool, (tool) => {
    // A tool shows what it can be set to before the first stroke.
    panel.value = tool === 'move' || tool === 'pointer' ? null : tool
  })
  watch(tools.overlays, (now, was) => {
    const fresh = now.find((one) => !was.includes(one))
    if (fresh === 'spotlight' || fresh === 'magnifier') panel.value = fresh
    else if (!now.includes(panel.value as never) && was.includes(panel.value as never)) panel.value = null
  })
  return { panel, strip, turns, calculating, grouping, typing, classes, toggle, close }
}
