import { linePath, outlinePath } from '@/page/ink'
import type { Drawn } from './ink'

/**
 * A stroke while it grows, straight into the drawing: no component is drawn anew. What lies further back stays as it is
 * and is neither computed nor painted again, so the thousandth point takes no longer than the tenth. Broken lines are
 * drawn whole: their dashes would begin anew.
 */
const IN_A_PIECE = 120
/** So much of the piece before is drawn again that the two lie over one another without a seam. */
const SEAM = 16

export function growing(path: () => SVGPathElement | undefined) {
  let behind: Element[] = []
  let begins = 0

  /** @param width of a solid pen, in page units; null for a line that is stroked */
  function draw(points: Drawn[], width: number | null) {
    const here = path()
    const triples = points.slice(begins).map((p): [number, number, number] => [p.x, p.y, p.pressure])
    here?.setAttribute('d', width === null ? linePath(triples) : outlinePath(triples, width))
    if (width !== null && here && points.length - begins > IN_A_PIECE) {
      const done = here.cloneNode() as Element
      here.before(done)
      behind.push(done)
      begins = points.length - SEAM
    }
  }
  function wipe() {
    behind.forEach((piece) => piece.remove())
    behind = []
    begins = 0
    path()?.removeAttribute('d')
  }
  return { draw, wipe }
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
