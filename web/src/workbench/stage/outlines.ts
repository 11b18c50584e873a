import type { Item } from '@/api/schema'
import { middle, turned } from '@/page/geometry'

/** The boxes of items as they stand, turned as they are: one path for all. */
export const outlinesOf = (items: Item[]) =>
  items
    .map(({ frame }) => {
      const { width: w, height: h } = frame
      const m = middle(frame)
      const corners = [
        [-w / 2, -h / 2],
        [w / 2, -h / 2],
        [w / 2, h / 2],
        [-w / 2, h / 2],
      ].map(([x, y]) => turned({ x: x!, y: y! }, frame.turn))
      return `M${corners.map((p) => `${m.x + p.x} ${m.y + p.y}`).join('L')}Z`
    })
    .join('')
