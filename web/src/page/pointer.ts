import { PAGE, type Point } from './geometry'

type Place = { clientX: number; clientY: number }

/** How many page units one pixel of the screen is, where a page is drawn as wide as that element. */
export const unitsPerPixel = (page: Element) => PAGE.width / page.getBoundingClientRect().width

/** Where a pointer is, in page units, on a page that is drawn as that element; it may lie beside it. */
export function pointOn(page: Element, { clientX, clientY }: Place): Point {
  const box = page.getBoundingClientRect()
  const scale = PAGE.width / box.width
  return { x: (clientX - box.left) * scale, y: (clientY - box.top) * scale }
}

/** As {@link pointOn}, at most so far beside the page. */
export function pointNear(page: Element, place: Place, edge: number): Point {
  const { x, y } = pointOn(page, place)
  const within = (value: number, most: number) => Math.min(most + edge, Math.max(-edge, value))
  return { x: within(x, PAGE.width), y: within(y, PAGE.height) }
}
