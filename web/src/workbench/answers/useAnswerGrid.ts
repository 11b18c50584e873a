import { computed, nextTick, onBeforeUnmount, onMounted, ref, type Ref } from 'vue'
import { inSight, scrolledTo } from './window'

/** In CSS pixels. */
export const ROW = 46
export const COLUMN = 92
export const NAMES = 168
export const HEAD = 74

/** The cells of the answers table that are in sight, and the keys that go from one to another. */
export function useAnswerGrid(box: Ref<HTMLElement | undefined>, rows: () => number, columns: () => number) {
  const at = ref({ x: 0, y: 0, width: 400, height: 300 })
  /** The cell that the keys are on; -1 stands for the heads of rows and columns. */
  const active = ref<[number, number]>([0, 0])

  const shownRows = computed<number[]>((before) =>
    range(inSight(at.value.y, at.value.height - HEAD, ROW, rows()), before),
  )
  const shownColumns = computed<number[]>((before) =>
    range(inSight(at.value.x, at.value.width - NAMES, COLUMN, columns(), 1), before),
  )
  /** The same array as before where it holds the same, so that nothing is drawn anew for it. */
  function range([from, to]: [number, number], before: number[] | undefined): number[] {
    if (before && before.length === to - from && (before.length === 0 || before[0] === from)) return before
    return Array.from({ length: to - from }, (_, i) => from + i)
  }

  function scroll() {
    const el = box.value!
    at.value = { x: Math.abs(el.scrollLeft), y: el.scrollTop, width: el.clientWidth, height: el.clientHeight }
  }
  let watching: ResizeObserver | undefined
  onMounted(() => {
    scroll()
    if (typeof ResizeObserver !== 'undefined') {
      watching = new ResizeObserver(scroll)
      watching.observe(box.value!)
    }
  })
  onBeforeUnmount(() => watching?.disconnect())

  async function goTo(p: number, z: number) {
    const row = Math.max(-1, Math.min(rows() - 1, p))
    const column = Math.max(-1, Math.min(columns() - 1, z))
    if (row === -1 && column === -1) return
    active.value = [row, column]
    const el = box.value!
    if (row >= 0) el.scrollTop = scrolledTo(row, el.scrollTop, el.clientHeight - HEAD, ROW)
    if (column >= 0) {
      // From right to left one scrolls into numbers below nothing.
      const way = document.documentElement.dir === 'rtl' ? -1 : 1
      el.scrollLeft = way * scrolledTo(column, way * el.scrollLeft, el.clientWidth - NAMES, COLUMN)
    }
    scroll()
    await nextTick()
    el.querySelector<HTMLElement>(`[data-cell="${row},${column}"]`)?.focus({ preventScroll: true })
  }
  function walk(event: KeyboardEvent) {
    const page = Math.max(1, Math.floor((at.value.height - HEAD) / ROW) - 1)
    const by = {
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      PageDown: [page, 0],
      PageUp: [-page, 0],
    }[event.key]
    const [p, z] = active.value
    if (by) void goTo(p + by[0]!, z + by[1]!)
    else if (event.key === 'Home') void goTo(event.ctrlKey ? 0 : p, 0)
    else if (event.key === 'End') void goTo(event.ctrlKey ? rows() - 1 : p, columns() - 1)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  const isActive = (p: number, z: number) =>
    Math.min(active.value[0], rows() - 1) === p && Math.min(active.value[1], columns() - 1) === z
  const tab = (p: number, z: number) => (isActive(p, z) ? 0 : -1)

  return { active, shownRows, shownColumns, scroll, goTo, walk, tab }
}
