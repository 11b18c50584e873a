import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { DrawnStroke, Frame, Item, Stroke } from '@/api/schema'
import { onPageStrokes } from './ink'
import { traitsOf } from './items'

/** What students rub away of ink that a teacher lets them rub away: the eraser's own strokes, in page units. */
const ERASED: InjectionKey<ComputedRef<Stroke[]>> = Symbol('erased')

export const isEraser = (stroke: Stroke) => stroke.tool === 'ERASER'
export const canErase = (item: Item) =>
  item.kind === 'ink' && item.movement.kind === 'fixed' && Boolean(traitsOf(item).erasable)
/** What is drawn, without what only rubs away. */
export const inkOnly = (ink: DrawnStroke[]) => ink.filter((one) => !isEraser(one.stroke))

/** Where the ink of a page is seen through from here on down. */
export function provideErased(strokes: () => Stroke[]) {
  provide(
    ERASED,
    computed(() => strokes().filter(isEraser)),
  )
}
const NONE = computed<Stroke[]>(() => [])
export const useErased = () => inject(ERASED, NONE)

/** From the page's own space into that of an item, for what is kept in page units. */
export const fromPage = ({ x, y, width, height, turn }: Frame) =>
  `rotate(${-turn} ${width / 2} ${height / 2}) translate(${-x} ${-y})`

const ERASER_MOST = 120
/** The strokes of an eraser that takes a whole ink away: for those who have no pointer. */
export function erasingAll(item: Extract<Item, { kind: 'ink' }>): Stroke[] {
  const scale = Math.max(item.frame.width / item.ink.width, item.frame.height / item.ink.height)
  return onPageStrokes(item.ink, item.frame).map(({ stroke, points }) => ({
    tool: 'ERASER',
    colour: '#000000',
    dash: 'SOLID',
    width: Math.min(ERASER_MOST, stroke.width * scale * 1.5 + 8),
    points: points.flatMap((p) => [Math.round(p.x * 10), Math.round(p.y * 10), 128]),
  }))
}
