import type { Frame, Item } from '@/api/schema'
import type { Point } from './geometry'
import { joined } from './lines'

/** Where an item runs when it is a line that is joined to something: then it is drawn in the page's own coordinates. */
export function routeOf(item: Item, frameOf: (id: string) => Frame | undefined): Point[] | null {
  return item.kind === 'line' ? joined(item, frameOf) : null
}

export function framesOf(items: Item[]): (id: string) => Frame | undefined {
  const frames = new Map(items.map((item) => [item.id, item.frame]))
  return (id) => frames.get(id)
}
