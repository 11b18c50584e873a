import { PAGE, type Outline } from '@/page/geometry'

/** Where a box comes to rest beside others: edges and middles meet, gaps are equal. Page units throughout. */
export interface Snap {
  dx: number
  dy: number
  /** Lines to show, from x1, y1 to x2, y2. */
  lines: [number, number, number, number][]
}

export const NEAR = 8

type Axis = 'x' | 'y'
const near = (box: Outline, axis: Axis) => (axis === 'x' ? box.left : box.top)
const far = (box: Outline, axis: Axis) => (axis === 'x' ? box.right : box.bottom)
const mid = (box: Outline, axis: Axis) => (near(box, axis) + far(box, axis)) / 2
const PAGE_BOX: Outline = { left: 0, top: 0, right: PAGE.width, bottom: PAGE.height }

interface FindingView {
  by: number
  at: number
  with: Outline | null
}

/** The shortest way on which an edge or the middle of the box meets one of another's, if it is short enough. */
function meeting(box: Outline, others: Outline[], axis: Axis): FindingView | null {
  let best: FindingView | null = null
  const own = [near(box, axis), mid(box, axis), far(box, axis)]
  const look = (other: Outline, theirs: number[], shown: Outline | null) => {
    for (const at of theirs) {
      for (const mine of own) {
        const by = at - mine
        if (Math.abs(by) <= NEAR && (!best || Math.abs(by) < Math.abs(best.by) - 1e-9))
          best = { by, at, with: shown }
      }
    }
    return other
  }
  look(PAGE_BOX, [near(PAGE_BOX, axis), mid(PAGE_BOX, axis), far(PAGE_BOX, axis)], null)
  others.forEach((other) => look(other, [near(other, axis), mid(other, axis), far(other, axis)], other))
  return best
}

/** The shortest way on which the gaps to the neighbours on both sides, or along a row, are equal. */
function equalGap(
  box: Outline,
  others: Outline[],
  axis: Axis,
): { by: number; gaps: [number, number][] } | null {
  const across: Axis = axis === 'x' ? 'y' : 'x'
  const inRow = others.filter(
    (other) => near(other, across) < far(box, across) && far(other, across) > near(box, across),
  )
  const before = inRow
    .filter((one) => far(one, axis) <= near(box, axis) + NEAR)
    .sort((a, b) => far(b, axis) - far(a, axis))
  const after = inRow
    .filter((one) => near(one, axis) >= far(box, axis) - NEAR)
    .sort((a, b) => near(a, axis) - near(b, axis))
  const size = far(box, axis) - near(box, axis)
  const options: { at: number; gaps: [number, number][] }[] = []
  const [b1, b2] = before
  const [a1, a2] = after
  if (b1 && a1) {
    const gap = (near(a1, axis) - far(b1, axis) - size) / 2
    const at = far(b1, axis) + gap
    if (gap > 0)
      options.push({
        at,
        gaps: [
          [far(b1, axis), at],
          [at + size, near(a1, axis)],
        ],
      })
  }
  if (b1 && b2 && near(b1, axis) > far(b2, axis)) {
    const gap = near(b1, axis) - far(b2, axis)
    const at = far(b1, axis) + gap
    options.push({
      at,
      gaps: [
        [far(b2, axis), near(b1, axis)],
        [far(b1, axis), at],
      ],
    })
  }
  if (a1 && a2 && near(a2, axis) > far(a1, axis)) {
    const gap = near(a2, axis) - far(a1, axis)
    const at = near(a1, axis) - gap - size
    options.push({
      at,
      gaps: [
        [at + size, near(a1, axis)],
        [far(a1, axis), near(a2, axis)],
      ],
    })
  }
  const best = options
    .map((one) => ({ by: one.at - near(box, axis), gaps: one.gaps }))
    .sort((a, b) => Math.abs(a.by) - Math.abs(b.by))[0]
  return best && Math.abs(best.by) <= NEAR ? best : null
}

export function snapped(box: Outline, others: Outline[]): Snap {
  const lines: Snap['lines'] = []
  const by = { x: 0, y: 0 }
  for (const axis of ['x', 'y'] as const) {
    const meet = meeting(box, others, axis)
    const gap = equalGap(box, others, axis)
    const across: Axis = axis === 'x' ? 'y' : 'x'
    if (meet && (!gap || Math.abs(meet.by) <= Math.abs(gap.by))) {
      by[axis] = meet.by
      const other = meet.with ?? PAGE_BOX
      const from = Math.min(near(box, across), near(other, across))
      const to = Math.max(far(box, across), far(other, across))
      lines.push(axis === 'x' ? [meet.at, from, meet.at, to] : [from, meet.at, to, meet.at])
    } else if (gap) {
      by[axis] = gap.by
      const level = mid(box, across)
      for (const [from, to] of gap.gaps) {
        lines.push(axis === 'x' ? [from, level, to, level] : [level, from, level, to])
      }
    }
  }
  return { dx: by.x, dy: by.y, lines }
}

/** Whether one box lies wholly within another. */
export const within = (inner: Outline, outer: Outline) =>
  inner.left >= outer.left &&
  inner.right <= outer.right &&
  inner.top >= outer.top &&
  inner.bottom <= outer.bottom
