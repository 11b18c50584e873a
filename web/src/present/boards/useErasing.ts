import { computed, ref, shallowRef } from 'vue'
import { newId } from '@/api/id'
import type { DrawnStroke, Stroke } from '@/api/schema'
import { drawnBy } from '@/gesture/growing'
import { along, keptPoints, looped, rubbed } from '@/gesture/ink'
import type { Point } from '@/page/geometry'
import { pointsOf, type Drawn, type PageStroke, type StrokeStyle } from '@/page/ink'
import { drawnOf } from '@/present/model/strokes'

export interface ErasingProps {
  ink: DrawnStroke[]
  eraser: number
  wholeStrokes: boolean
  encircles: boolean
}

const kept = (style: StrokeStyle, drawn: Drawn[]): Stroke => {
  const { tool, colour, width, dash } = style
  return { tool, colour, width, dash, points: keptPoints(drawn, { x: 0, y: 0 }) }
}

/**
 * One eraser at a time: it takes ink where it goes, or what a line was drawn around. `changed` gets the parts that are
 * left and the ids of the strokes that are gone, once the hand is lifted.
 */
export function useErasing(
  props: ErasingProps,
  pointAt: (event: PointerEvent) => Point,
  changed: (drawn: DrawnStroke[], gone: string[]) => void,
) {
  const loop = ref<Point[]>([])
  const worn = shallowRef<(PageStroke & { id?: string })[] | null>(null)
  let erasedTo: Point | null = null
  let pointer: number | null = null

  function begin(event: PointerEvent) {
    if (pointer !== null) return
    pointer = event.pointerId
    erasedTo = null
    if (props.encircles) loop.value = [pointAt(event)]
    else erase(event)
  }
  function goOn(event: PointerEvent) {
    if (event.pointerId !== pointer) return
    if (loop.value.length) loop.value = [...loop.value, pointAt(event)]
    else erase(event)
  }
  function lift() {
    if (loop.value.length) commitEncircled()
    else commitErased()
  }
  const erases = (event: PointerEvent) => event.pointerId === pointer

  const onPage = () =>
    props.ink.map(({ id, stroke }) => {
      const points = pointsOf(stroke).map(([x, y, pressure]) => ({ x, y, pressure }))
      return { id, stroke, points, own: points }
    })
  function erase(event: PointerEvent) {
    for (const point of drawnBy(event, pointAt)) {
      for (const at of along(erasedTo, point, props.eraser / 2)) {
        const left = rubbed(worn.value ?? onPage(), at, props.eraser, props.wholeStrokes)
        if (left) worn.value = left
      }
      erasedTo = point
    }
  }
  /** What lies within a line that was drawn around it is gone. */
  function commitEncircled() {
    pointer = null
    const gone = props.ink.filter((one) => looped(loop.value, drawnOf(one.stroke))).map((one) => one.id)
    loop.value = []
    if (gone.length) changed([], gone)
  }
  function commitErased() {
    pointer = null
    const now = worn.value
    worn.value = null
    if (!now) return
    const there = new Set(now.flatMap((one) => one.id ?? []))
    const gone = props.ink.flatMap((one) => (there.has(one.id) ? [] : one.id))
    const parts = now.filter((one) => !one.id)
    changed(
      parts.map((one) => ({ id: newId(), stroke: kept(one.stroke, one.points) })),
      gone,
    )
  }
  /** The ink that is seen: while it is erased, what is left of it. */
  const seen = computed<DrawnStroke[]>(() =>
    worn.value
      ? worn.value.map((one, i) => ({
          id: one.id ?? `part-${i}`,
          stroke: one.id ? one.stroke : kept(one.stroke, one.points),
        }))
      : props.ink,
  )

  function drop() {
    worn.value = null
    pointer = null
    loop.value = []
  }

  return { loop, seen, begin, goOn, lift, erases, drop }
}
