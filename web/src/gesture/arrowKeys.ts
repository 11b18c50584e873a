import type { Point } from '@/page/geometry'

const NEAR = 5
const FAR = 50
const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** What an arrow key moves by, in page units: 5, with Shift 50; null for other keys. */
export function arrowOf(event: { key: string; shiftKey: boolean }): Point | null {
  const way = WAYS[event.key]
  const far = event.shiftKey ? FAR : NEAR
  return way ? { x: way[0] * far, y: way[1] * far } : null
}
