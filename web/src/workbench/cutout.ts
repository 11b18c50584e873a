import { contours } from 'd3-contour'
import simplify from 'simplify-js'
import type { Picture } from '@/api/types'
import type { Point } from '@/page/geometry'
import { pictureUrl } from '@/page/pictures'

/** Across what is looked at; finer would only find noise. */
const ACROSS = 200
const MOST_CORNERS = 60
/** From this much of 255 on something is seen. */
const SEEN = 96
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
  const image = new Image()
  image.src = pictureUrl(item.picture, true)
  await image.decode()
  const width = ACROSS
  const height = Math.max(1, Math.min(1000, Math.round((ACROSS * item.frame.height) / item.frame.width)))
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const pen = canvas.getContext('2d', { willReadFrequently: true })
  if (!pen) return null
  const { crop } = item
  if (crop) {
    if (crop.outline && crop.outline.length > 2) {
      pen.beginPath()
      crop.outline.forEach((p) => pen.lineTo(p.x * width, p.y * height))
      pen.closePath()
      pen.clip()
    }
    const [w, h] = [width / crop.width, height / crop.height]
    pen.drawImage(image, -crop.x * w, -crop.y * h, w, h)
  } else {
    const [own, tall] = [image.naturalWidth || 1, image.naturalHeight || 1]
    const scale = Math.min(width / own, height / tall)
    const [w, h] = [own * scale, tall * scale]
    pen.drawImage(image, (width - w) / 2, (height - h) / 2, w, h)
  }
  const { data } = pen.getImageData(0, 0, width, height)
  const alpha = Array.from({ length: width * height }, (_, i) => data[i * 4 + 3]!)
  return outlineOf(alpha, width, height)
}
