import type { Item } from '@/api/schema'
import type { Point } from '@/page/geometry'
import type { Grip } from './boxChart'

export type Handle = Exclude<Grip, 'move' | 'turn'>

export const CORNERS: Handle[] = ['nw', 'ne', 'se', 'sw']
const SIDES: Handle[] = ['n', 'e', 's', 'w']

export const keepsRatio = (item: Item) => item.kind === 'picture' || item.kind === 'ink'

/** The grips of an item: what keeps its ratio has corners only, and words are as high as they are long. */
export function gripsOf(item: Item): Handle[] {
  if (item.kind === 'words') return [...CORNERS, 'e', 'w']
  return keepsRatio(item) ? CORNERS : [...CORNERS, ...SIDES]
}

/** Where a grip lies on a box of that size. */
export const spot = (grip: Grip, width: number, height: number): Point => ({
  x: grip.includes('e') ? width : grip.includes('w') ? 0 : width / 2,
  y: grip.includes('s') ? height : grip.includes('n') ? 0 : height / 2,
})
