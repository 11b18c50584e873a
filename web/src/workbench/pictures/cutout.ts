import { contours } from 'd3-contour'
import simplify from 'simplify-js'
import type { Picture } from '@/api/schema'
import { alphaOf, SEEN } from '@/page/alpha'
import type { Point } from '@/page/geometry'

/** Across what is looked at; finer would only find noise. */
const ACROSS = 200
const MOST_CORNERS = 60
/** What fills its box as far as this is a box. */
const FULL = 0.97
/** Smaller than this share of the box there is nothing to put something on. */
const LEAST = 0.03

const area = (ring: Point[]) =>
  Math.abs(
    ring.reduce((sum, a, i) => {
      const b = ring[(i + 1) % ring.length]!
      return sum + a.x * b.y - b.x * a.y
    }, 0) / 2,
  )

/**
 * The outline of the largest part that is seen, hollows within it filled, as shares of the box; null for what fills its
 * box, or where next to nothing is seen. @param alpha a value from 0 to 255 for each pixel, row by row
 */
export function outlineOf(alpha: ArrayLike<number>, width: number, height: number): Point[] | null {
  // A margin of nothing all around, so that what reaches the edge is closed there.
  const [w, h] = [width + 2, height + 2]
  const padded = Array.from({ length: w * h }, (_, i) => {
    const [x, y] = [(i % w) - 1, Math.floor(i / w) - 1]
    return x >= 0 && y >= 0 && x < width && y < height ? alpha[y * width + x]! : 0
  })
  const [found] = contours().size([w, h]).thresholds([SEEN])(padded)
  const rings = found!.coordinates.map(([outer]) =>
    outer!.slice(0, -1).map(([x, y]) => ({
      x: Math.min(1, Math.max(0, (x! - 1) / width)),
      y: Math.min(1, Math.max(0, (y! - 1) / height)),
    })),
  )
  const [largest] = rings.sort((a, b) => area(b) - area(a))
  if (!largest || area(largest) < LEAST || area(largest) > FULL) return null
  let corners = largest
  for (let close = 0.006; corners.length > MOST_CORNERS || corners === largest; close *= 1.5)
    corners = simplify(largest, close, true)
  return corners.length < 3 ? null : corners
}

/** The outline of what is seen of a picture, its crop included; null where it is the whole box. */
export async function seenOutline(item: Picture): Promise<Point[] | null> {
  const alpha = await alphaOf(item, ACROSS)
  return alpha && outlineOf(alpha.values, alpha.width, alpha.height)
}
