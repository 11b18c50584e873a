import { t } from '@/i18n'
import type { Ref } from 'vue'
import { useLeading } from '@/present/model/leading'
import { useTimers } from '@/present/model/timers'
import { useTools } from '@/present/model/tools'
import { useZoom } from '@/present/model/zoom'
import { useCalledDock } from './calledDock'
import { useInk } from './ink'
import { useLive } from './live'
import { useOverPage } from './overPage'
import { usePages } from './pages'
import { usePanels } from './panels'
import { usePictures } from './pictures'
import { useRecording } from './recording'
import { useTabs } from './tabs'
import { useTold } from './told'
import { useWall } from './wall'

/**
 * All that is at work in front of a class, for the parts of the screen to share.
 *
 * @param sheet the page with everything over it, as it is drawn
 * @param place where the page lies while it is not zoomed
 * @param leave goes back to the list of activities
 */
export function createPresent(
  sheet: Ref<HTMLElement | undefined>,
  place: Ref<HTMLElement | undefined>,
  leave: () => void,
) {
  const tools = useTools()
  const timers = useTimers()
  const told = useTold()
  const tabs = useTabs(told, leave)
  const leading = useLeading(() => tabs.show.value, timers)
  const panels = usePanels(tools, told)
  const dock = useCalledDock(tools, panels.panel)
  const pages = usePages(tabs, told)
  const wall = useWall(tabs, told)
  const ink = useInk(tools, tabs, told)
  const pictures = usePictures(sheet, tabs, told, ink.lassoed)
  const recording = useRecording(sheet, tabs)
  const live = useLive(told)
  const over = useOverPage(tools, tabs, told)
  const zooming = useZoom(place, () => tools.tool.value === 'move')

  function toggleCover() {
    panels.panel.value = over.toggleCover() ? 'cover' : null
  }
  function fullScreen() {
    panels.close()
    if (document.fullscreenElement) void document.exitFullscreen()
    else
      document.documentElement
        .requestFullscreen()
        .catch(() => (told.words.value = t('present.this-browser-does-not-let-the')))
  }
  return {
    tools,
    timers,
    told,
    tabs,
    leading,
    panels,
    dock,
    pages,
    wall,
    ink,
    pictures,
    recording,
    live,
    over,
    zooming,
    toggleCover,
    fullScreen,
    leave,
  }
}
