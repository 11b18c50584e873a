import { computed, ref, shallowRef, watch } from 'vue'
import { newId } from '@/api/id'
import type { Act, AttemptState, DrawnStroke, Stroke } from '@/api/schema'
import { inkOnly } from '@/page/erased'
import { ownAfter } from '@/work/attempt/own'
import type { Undo } from '@/work/rules/undo'

/** What a student's hand does on the page: it moves things, or it draws, or it rubs out. */
export type Tool = 'move' | 'pen' | 'highlighter' | 'eraser'

export const COLOURS = [
  { name: 'black', colour: '#1f2d33' },
  { name: 'red', colour: '#a8432b' },
  { name: 'green', colour: '#0b5d66' },
  { name: 'brown', colour: '#8a6100' },
] as const
export const PEN_WIDTH = 7
/** What an eraser takes with it, to either side of the pointer. */
export const ERASER = 26
export const HIGHLIGHTER = { colour: '#ffe27a', width: 34 }
/** As core's bounds: strokes on one page, and points on all of them. */
export const MOST_STROKES = 1_000
export const MOST_POINTS = 100_000
type Own = AttemptState['own']
type Draw = Extract<Act, { kind: 'draw' }>

/**
 * The hand of somebody who works on pages: its tool, and taking back what it drew, stroke by stroke, as long as the
 * page stays open in this browser.
 */
export function useDrawingTool(
  page: () => string,
  own: () => Own,
  make: (act: Act) => Promise<unknown>,
  undo: Pick<Undo, 'remember'>,
) {
  const tool = ref<Tool>('move')
  const colour = ref<string>(COLOURS[0].colour)
  const back = ref<Draw[]>([])
  /** On their way to the server, and seen already. */
  const coming = shallowRef<Draw[]>([])
  watch(page, () => {
    tool.value = 'move'
    back.value = []
  })

  const seen = computed<Own>(() => coming.value.reduce(ownAfter, own()))
  const ink = computed<DrawnStroke[]>(() => seen.value?.[page()]?.ink ?? [])
  /** How many points a new stroke may have: a child is told before it draws what would not be kept. */
  const room = computed(() => {
    if (ink.value.length >= MOST_STROKES) return 0
    const all = Object.values(seen.value ?? {}).flatMap((one) => one.ink ?? [])
    return Math.max(
      0,
      all.reduce((left, one) => left - one.stroke.points.length / 3, MOST_POINTS),
    )
  })
  /** The eraser's way over what may be rubbed away, while it is on it. */
  const erasing = shallowRef<Stroke | null>(null)
  const erased = computed(() => {
    const strokes = ink.value.map((one) => one.stroke)
    return erasing.value ? [...strokes, erasing.value] : strokes
  })
  async function send(act: Draw) {
    coming.value = [...coming.value, act]
    await make(act)
    coming.value = coming.value.filter((one) => one !== act)
  }

  /** Puts strokes down and takes others away. @returns when the server has it */
  async function draw(drawn: DrawnStroke[], gone: string[]) {
    const taken = ink.value.filter((one) => gone.includes(one.id))
    const act: Draw = { kind: 'draw', pageId: page(), drawn, gone }
    const inverse: Draw = { kind: 'draw', pageId: page(), drawn: taken, gone: drawn.map((one) => one.id) }
    back.value = [...back.value, inverse]
    undo.remember(takeBack)
    await send(act)
  }
  async function takeBack() {
    const last = back.value.at(-1)
    if (!last) return
    back.value = back.value.slice(0, -1)
    // A stroke that comes back is a new one: team mates may have seen the old one go.
    await send({ ...last, drawn: (last.drawn ?? []).map((one) => renamed(one)) })
  }
  /** What was taken back under a new name is still found by the steps before it. */
  function renamed(one: DrawnStroke): DrawnStroke {
    const id = newId()
    back.value = back.value.map((act) => ({
      ...act,
      gone: (act.gone ?? []).map((old) => (old === one.id ? id : old)),
    }))
    return { ...one, id }
  }
  /** All ink goes; what was rubbed away does not come back by it. */
  const wipe = () =>
    draw(
      [],
      inkOnly(ink.value).map((one) => one.id),
    )
  return {
    tool,
    colour,
    ink,
    /** The eraser is on its way over what may be rubbed away, or it is lifted. */
    erase: (stroke: Stroke | null) => (erasing.value = stroke),
    erased,
    room,
    take: (to: Tool) => (tool.value = to),
    dip: (into: string) => (colour.value = into),
    draw,
    wipe,
  }
}

export type Hand = ReturnType<typeof useDrawingTool>
