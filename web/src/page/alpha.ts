import type { Picture } from '@/api/schema'
import type { Point } from './geometry'
import { pictureUrl } from './pictures'

/** How much of a picture is seen at each place of its box: 0 to 255 for each pixel, row by row. */
export interface Alpha {
  values: ArrayLike<number>
  width: number
  height: number
}

/** From this much of 255 on something is seen. */
export const SEEN = 96
const TALLEST = 1000

/** A picture as it is drawn in its box, its crop included. @param across pixels across the box */
export async function alphaOf(item: Picture, across: number): Promise<Alpha | null> {
  const image = new Image()
  image.src = pictureUrl(item.picture, true)
  await image.decode()
  const width = across
  const height = Math.max(1, Math.min(TALLEST, Math.round((across * item.frame.height) / item.frame.width)))
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
  return { values: Array.from({ length: width * height }, (_, i) => data[i * 4 + 3]!), width, height }
}

/** Whether something is seen as near as this to a place. @param at in pixels @param near likewise */
export function seenNear({ values, width, height }: Alpha, at: Point, near: number): boolean {
  const from = { x: Math.max(0, Math.floor(at.x - near - 1)), y: Math.max(0, Math.floor(at.y - near - 1)) }
  for (let y = from.y; y <= Math.min(height - 1, at.y + near + 1); y++)
    for (let x = from.x; x <= Math.min(width - 1, at.x + near + 1); x++)
      if (values[y * width + x]! >= SEEN && Math.hypot(x + 0.5 - at.x, y + 0.5 - at.y) <= near + 0.71)
        return true
  return false
}
