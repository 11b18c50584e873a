import { computed, ref, watch } from 'vue'
import type { KeyboardName } from './keyboards'
import type { Manner } from './strokes'

/** What the hand does in front of a class. */
export type Tool = 'move' | 'pen' | 'highlighter' | 'eraser' | 'lasso' | 'fading' | 'pointer'
/** What lies over the page, one of them or several. */
export type Overlay = 'spotlight' | 'magnifier' | 'blank'
/** What is set beside the dock: a tool's settings, or a group of other things. */
export type Panel = Tool | Overlay | 'cover' | 'measure' | 'timer' | 'class' | 'clear' | 'more'
export type Side = 'bottom' | 'left' | 'right'
export type Fit = 'page' | 'width' | 'height'

interface Remembered {
  pen: string
  highlighter: string
  wholeStrokes: boolean
  encircles: boolean
  /** How a pen draws, tools its colour and width. */
  manner: Manner
  /** Whether neat shapes are offered. */
  neat: boolean
  eraser: number
  side: Side
  large: boolean
  fit: Fit
  dim: number
  magnify: number
  /** What a cover is made of: a colour, or a picture by its address. */
  cover: string
  /** Names of tools, as they stand; empty for as usual. */
  order: string[]
  /** Whether lengths, angles and areas of shapes are written beside them. */
  readings: boolean
  /** The keyboard on the screen that was used last. */
  keyboard: KeyboardName
}
const KEY = 'present-tools'
const USUAL: Remembered = {
  pen: 'pen1',
  highlighter: 'tint1',
  wholeStrokes: false,
  encircles: false,
  manner: 'PEN',
  neat: false,
  eraser: 26,
  side: 'bottom',
  large: false,
  fit: 'page',
  dim: 75,
  magnify: 2,
  cover: '#3c4d55',
  order: [],
  readings: true,
  keyboard: 'en',
}

function remembered(): Remembered {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Remembered>) }
  } catch {
    // A browser that keeps nothing has the usual ones each time.
    return { ...USUAL }
  }
}

/** The tool in the hand, with settings that this browser remembers for each. */
export function useTools() {
  const tool = ref<Tool>('move')
  const overlays = ref<Overlay[]>([])
  const settings = ref(remembered())
  watch(
    settings,
    (now) => {
      try {
        localStorage.setItem(KEY, JSON.stringify(now))
      } catch {
        // They hold until this page is closed then.
      }
    },
    { deep: true },
  )
  const draws = computed(() => tool.value !== 'move')
  const has = (one: Overlay) => overlays.value.includes(one)
  function toggle(one: Overlay) {
    overlays.value = has(one) ? overlays.value.filter((other) => other !== one) : [...overlays.value, one]
  }
  const set = (change: Partial<Remembered>) => (settings.value = { ...settings.value, ...change })
  return { tool, overlays, settings, draws, has, toggle, set }
}
export type Tools = ReturnType<typeof useTools>
