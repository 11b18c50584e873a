import type { Point } from '@/page/geometry'

/** Once a pen was seen, fingers no longer draw: they may rest on the screen. It holds from page to page. */
export const seenOnce = { pen: false }

/** How far a line may leave the straight way between its ends, and how much longer than that it may be, as shares. */
const OFF = 0.12
const LONGER = 1.35
/** Page units. */
const SHORT = 40

/** Whether a stroke was meant to be straight: it has some length, and stays near the way between its ends. */
export function isNearlyStraight(points: Point[]): boolean {
  const [from, to] = [points[0], points.at(-1)]
  if (!from || !to) return false
  const chord = Math.hypot(to.x - from.x, to.y - from.y)
  if (chord < SHORT) return false
  let length = 0
  for (let i = 1; i < points.length; i++)
    length += Math.hypot(points[i]!.x - points[i - 1]!.x, points[i]!.y - points[i - 1]!.y)
  const off = (p: Point) =>
    Math.abs((to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x)) / chord
  return length <= LONGER * chord && points.every((p) => off(p) <= OFF * chord)
}
