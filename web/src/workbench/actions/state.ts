import type { Item } from '@/api/schema'
import type { Point } from '@/page/geometry'

/** What the hand does on the page. */
export type Tool =
  | { is: 'hand' }
  | { is: 'pen' | 'highlighter'; name: string }
  | { is: 'eraser' | 'stroke-eraser' | 'lasso' }
  /** Drawing around a part of the page: a hot area, or the outline of a drop zone that is there. */
  | { is: 'area'; zoneId?: string }
  /** Putting targets on a picture, one after another. */
  | { is: 'targets'; pictureId: string }
  | { is: 'place'; make: (at: Point) => Item }

/** What is being written in: an item, or a cell of a table. */
export interface Writing {
  id: string
  cell?: [number, number]
}
