import { drawingOf, type StrokeStyle, Drawn } from '@/page/ink'

/**
 * A stroke while it grows, straight into the drawing: no component is drawn anew. What lies further back stays as it is
 * and is neither computed nor painted again, so the thousandth point takes no longer than the tenth. Broken lines are
 * drawn whole: their dashes would begin anew.
 */
const IN_A_PIECE = 120

export function growing(path: () => SVGPathElement | undefined) {
  let behind: Element[] = []
  let begins = 0

  /** @param decided how many of the points will not change any more */
  function draw(style: StrokeStyle, points: Drawn[], decided = 0) {
    const here = path()
    if (!here) return
    if (style.dash === 'SOLID' && decided - begins > IN_A_PIECE) {
      const done = here.cloneNode() as Element
      show(done, style, points.slice(begins, decided))
      here.before(done)
      behind.push(done)
      begins = decided - 1
    }
    show(here, style, points.slice(begins))
  }
  function wipe() {
    behind.forEach((piece) => piece.remove())
    behind = []
    begins = 0
    path()?.removeAttribute('d')
  }
  return { draw, wipe }
}

function show(path: Element, style: StrokeStyle, points: Drawn[]) {
  const drawing = drawingOf(
    style,
    points.map((p): [number, number, number] => [p.x, p.y, p.pressure]),
  )
  for (const name of ['d', 'fill', 'stroke', 'stroke-width', 'stroke-dasharray'] as const) {
    const value = drawing[name]
    if (value === undefined) path.removeAttribute(name)
    else path.setAttribute(name, String(value))
  }
}

/** The points of a pointer's way since its last event, with how hard it is pressed. */
export function drawnBy(
  event: PointerEvent,
  pointAt: (event: PointerEvent) => { x: number; y: number },
): Drawn[] {
  const all = event.getCoalescedEvents?.() ?? []
  return (all.length ? all : [event]).map((one) => ({
    ...pointAt(one),
    // Only a pen knows how hard it is pressed; a finger or a mouse draws evenly.
    pressure: one.pointerType === 'pen' ? one.pressure || 0.5 : 0.5,
  }))
}
