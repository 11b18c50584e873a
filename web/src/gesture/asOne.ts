import type { Similarity } from '@/page/arrange'
import type { Outline, Point } from '@/page/geometry'
import type { Grip } from './boxChart'

/** Several that are pulled as one. Page units and degrees clockwise. */
export const still = (by: Partial<Similarity> = {}): Similarity => ({
  about: { x: 0, y: 0 },
  scale: 1,
  turn: 0,
  dx: 0,
  dy: 0,
  ...by,
})

const LEAST = 0.05

/**
 * What a pull at a grip of the box around several means: a turn about its middle, or a scale about the opposite
 * corner. Several keep their ratio: a turned box would not stay a box otherwise.
 *
 * @param steps turns go by 15°, else by whole degrees
 */
export function asOne(box: Outline, grip: Grip, from: Point, at: Point, steps: boolean): Similarity {
  if (grip === 'turn') {
    const centre = { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
    const angle = (p: Point) => (Math.atan2(p.x - centre.x, centre.y - p.y) * 180) / Math.PI
    const turn = angle(at) - angle(from)
    return still({ about: centre, turn: steps ? Math.round(turn / 15) * 15 : Math.round(turn) })
  }
  const about = {
    x: grip.includes('w') ? box.right : box.left,
    y: grip.includes('n') ? box.bottom : box.top,
  }
  const was = Math.hypot(from.x - about.x, from.y - about.y)
  const scale = Math.max(LEAST, Math.hypot(at.x - about.x, at.y - about.y) / was)
  return still({ about, scale })
}

/** The same as a transform of a drawing. */
export const matrix = (by: Similarity) =>
  `translate(${by.dx} ${by.dy}) translate(${by.about.x} ${by.about.y}) rotate(${by.turn}) scale(${by.scale}) translate(${-by.about.x} ${-by.about.y})`
