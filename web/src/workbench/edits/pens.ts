import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { reactive, ref } from 'vue'
import { get, put } from '@/api/client'
import type { Stroke, WorkbenchPreferences } from '@/api/schema'

/** How somebody likes their workbench, kept with their account; each pen remembers what it was last. */
export interface Pen {
  tool: Stroke['tool']
  name: string
  label: string
  colour: string
  width: number
  dash: Stroke['dash']
}

export const PENS: Pen[] = [
  {
    tool: 'PEN',
    name: 'pen1',
    get label() {
      return t('shared.pen-1')
    },
    colour: '#1f2d33',
    width: 6,
    dash: 'SOLID',
  },
  {
    tool: 'PEN',
    name: 'pen2',
    get label() {
      return t('shared.pen-2')
    },
    colour: '#a8432b',
    width: 6,
    dash: 'SOLID',
  },
  {
    tool: 'PEN',
    name: 'pen3',
    get label() {
      return t('shared.pen-3')
    },
    colour: '#0b5d66',
    width: 12,
    dash: 'SOLID',
  },
  {
    tool: 'HIGHLIGHTER',
    name: 'tint1',
    get label() {
      return t('shared.highlighter-1')
    },
    colour: '#ffe27a',
    width: 34,
    dash: 'SOLID',
  },
  {
    tool: 'HIGHLIGHTER',
    name: 'tint2',
    get label() {
      return t('shared.highlighter-2')
    },
    colour: '#b9e3c6',
    width: 34,
    dash: 'SOLID',
  },
]

export const pens = reactive<Record<string, Pen>>(
  Object.fromEntries(PENS.map((pen) => [pen.name, { ...pen }])),
)
export const preferences = ref<WorkbenchPreferences>({
  rack: [],
  hidden: [],
  side: 'LEFT',
  size: 'NORMAL',
  pens: {},
})
export const neatWanted = ref(true)
let fetched = false
let timer: ReturnType<typeof setTimeout> | undefined

export async function loadTaste() {
  if (fetched) return
  fetched = true
  try {
    preferences.value = await get('/api/v1/me/workbench-preferences')
    for (const [name, pen] of Object.entries(preferences.value.pens)) {
      if (pens[name]) Object.assign(pens[name]!, pen)
    }
  } catch {
    // The usual preferences does as well; it is asked for again with the next page.
    fetched = false
  }
}

/** Changes are sent a moment later, so that a slider does not send each step. */
export function keepPreferences(change: Partial<WorkbenchPreferences>) {
  preferences.value = { ...preferences.value, ...change }
  clearTimeout(timer)
  timer = setTimeout(
    () =>
      void put('/api/v1/me/workbench-preferences', preferences.value).catch(
        passOver('the pens are kept at the next change'),
      ),
    600,
  )
}

export function setPen(name: string, change: Partial<Pick<Pen, 'colour' | 'width' | 'dash'>>) {
  Object.assign(pens[name]!, change)
  const { colour, width, dash } = pens[name]!
  keepPreferences({ pens: { ...preferences.value.pens, [name]: { colour, width, dash } } })
}
