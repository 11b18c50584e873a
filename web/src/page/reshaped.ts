import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { Item } from '@/api/schema'
import { inBox, onPage, type Point } from './geometry'
import { traitsOf } from './items'
import { corners } from './shapes'

/** Where the corners of shapes were pulled to, by the item's id; in page units. */
export type Reshaped = Record<string, Point[]>
const RESHAPED: InjectionKey<ComputedRef<Reshaped>> = Symbol('reshaped')

/** What is drawn from here on down has its corners where they were pulled to. */
export function provideReshaped(all: () => Reshaped) {
  provide(RESHAPED, computed(all))
}
const NONE = computed<Reshaped>(() => ({}))
export const useReshaped = () => inject(RESHAPED, NONE)

/** Where the corners of a shape lie on the page; null for what has none, as a circle. */
export function cornersOf(item: Item): Point[] | null {
  if (item.kind !== 'shape') return null
  const all = corners(item.look.form, item.look.sides)
  const { width, height } = item.frame
  return all && all.map(([x, y]) => onPage(item.frame, { x: x * width, y: y * height }))
}

/** Whether its corners may be pulled in front of a class; a piece is judged by its place and keeps its form. */
export const mayReshape = (item: Item) => item.movement.kind === 'fixed' && cornersOf(item) !== null
export const isReshapable = (item: Item) => mayReshape(item) && Boolean(traitsOf(item).reshapable)

/** The outline of a shape, in its own coordinates, through corners on the page. */
export function pathThrough(item: Item, all: Point[]): string {
  const short = (value: number) => Math.round(value * 100) / 100
  const at = all.map((corner) => inBox(item.frame, corner))
  return `M${at.map(({ x, y }) => `${short(x)} ${short(y)}`).join('L')}Z`
}
