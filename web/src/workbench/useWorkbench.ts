import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Page } from '@/api/schema'
import { inBoxOf } from '@/page/wordFit'
import type { Editing } from '@/workbench/edits/editing'
import type { Tool, Writing } from './actions/state'
import { useAdding } from './actions/useAdding'
import { useCopying } from './actions/useCopying'
import { useMoving } from './actions/useMoving'
import { useSelection } from './actions/useSelection'
import { useSettings } from './actions/useSettings'
import { useSteps } from './actions/useSteps'
import { useWording } from './actions/useWording'
import type { Writer } from './words/writer'

export type { Tool, Writing } from './actions/state'

/** What is selected on a page, and everything that can be done with it. */
export function makeBench(editing: Editing, page: Ref<Page>) {
  const writing = ref<Writing | null>(null)
  const writer = shallowRef<Writer | null>(null)
  const tool = ref<Tool>({ is: 'hand' })
  /** Items that are drawn elsewhere for the moment. */
  const veiled = shallowRef<ReadonlySet<string>>(new Set())

  const selection = useSelection(page)
  watch(selection.pageId, () => (writing.value = null))
  const steps = useSteps(editing)
  const adding = useAdding(page, selection, steps, writing)
  const moving = useMoving(page, selection, steps)
  const settings = useSettings(editing, selection, steps)
  const copying = useCopying(editing, page, selection, steps, adding.remove)
  const wording = useWording(page, selection, steps, settings.setBody, writing)

  /** Takes a tool in hand. */
  const take = (to: Tool) => (tool.value = to)
  const veil = (ids: Iterable<string>) => (veiled.value = new Set(ids))
  const writesWith = (now: Writer | null) => (writer.value = now)

  return {
    editing,
    page,
    writing,
    writer,
    tool,
    veiled,
    take,
    veil,
    writesWith,
    ...selection,
    ...steps,
    ...adding,
    ...moving,
    ...settings,
    ...copying,
    ...wording,
    inBoxOf,
  }
}

export type Workbench = ReturnType<typeof makeBench>
