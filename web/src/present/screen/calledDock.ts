import { ref, watch } from 'vue'
import { useLongPress } from '@/present/longPress'
import type { Panel, Tools } from '@/present/model/tools'
import type { Ref } from 'vue'

/** The size of the dock where it is called to, with a margin; in pixels. */
const DOCK = { width: 500, height: 220 }

/** The tools can be put away; a long press calls them to where one stands. */
export function useCalledDock(tools: Tools, panel: Ref<Panel | null>) {
  const away = ref(false)
  const called = ref<{ x: number; y: number } | null>(null)
  const long = useLongPress((at) => {
    if (tools.tool.value !== 'move') return
    called.value = {
      x: Math.min(at.x, Math.max(0, window.innerWidth - DOCK.width)),
      y: Math.min(at.y, Math.max(0, window.innerHeight - DOCK.height)),
    }
  })
  function pressed(event: PointerEvent) {
    // What a tool can be set to is out of the way once it is used.
    if (tools.tool.value !== 'move' && (event.target as Element).closest('.ink-board, .lasso > svg'))
      panel.value = null
    long.down(event)
  }
  watch([tools.tool, tools.overlays, panel], () => (called.value = null))
  return { away, called, long, pressed }
}
