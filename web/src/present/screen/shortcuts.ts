import { onBeforeUnmount, onMounted } from 'vue'
import { keyOf } from '@/present/model/keys'
import type { Present } from './present'

/** Keys in front of a class; see `model/keys.ts`. */
export function useShortcuts(present: Present) {
  const { tools, tabs, panels, dock, pages, recording, told } = present
  function key(event: KeyboardEvent) {
    const does = keyOf(event)
    const show = tabs.show.value
    if (!does || !show || document.querySelector('dialog[open]')) return
    event.preventDefault()
    if (does.is === 'tool') tools.tool.value = does.tool
    else if (does.is === 'overlay') tools.toggle(does.overlay)
    else if (does.is === 'cover') present.toggleCover()
    else if (does.is === 'record') recording.card.value = !recording.card.value
    else if (does.is === 'panel') panels.toggle(does.panel)
    else if (does.is === 'page') void pages.turn(does.by)
    else if (does.is === 'undo') void told.run(show.undo)
    else if (panels.panel.value || panels.strip.value || dock.called.value) {
      panels.close()
      panels.strip.value = false
      dock.called.value = null
    } else if (show.document.value && tools.tool.value === 'move') pages.closeDocument()
    else tools.tool.value = 'move'
  }
  onMounted(() => window.addEventListener('keydown', key))
  onBeforeUnmount(() => window.removeEventListener('keydown', key))
}
