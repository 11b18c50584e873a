import type { Edit, Frame } from '@/api/schema'
import { middle, outline, turned, type Outline } from './geometry'

/** Mirrors core's Arrangement and Similarity, so that the page shows at once what the server will say. */
export type Arrangement = Extract<Edit, { kind: 'arrange' }>['how']
export type Similarity = Extract<Edit, { kind: 'transform' }>['by']

type Axis = { near: 'left' | 'top'; far: 'right' | 'bottom'; at: 'x' | 'y' }
const ACROSS: Axis = { near: 'left', far: 'right', at: 'x' }
const DOWN: Axis = { near: 'top', far: 'bottom', at: 'y' }

const shifted = (frame: Frame, by: number, axis: Axis): Frame => ({
  ...frame,
  [axis.at]: frame[axis.at] + by,
})

export function arranged(frames: Frame[], how: Arrangement): Frame[] {
  const all = frames.map(outline)
  const move = (axis: Axis, by: (one: Outline) => number) =>
    frames.map((frame, i) => shifted(frame, by(all[i]!), axis))
  const least = (axis: Axis) => Math.min(...all.map((one) => one[axis.near]))
  const most = (axis: Axis) => Math.max(...all.map((one) => one[axis.far]))
  const centre = (axis: Axis) => {
    const at = (least(axis) + most(axis)) / 2
    return move(axis, (one) => at - (one[axis.near] + one[axis.far]) / 2)
  }
  switch (how) {
    case 'LEFT':
      return move(ACROSS, (one) => least(ACROSS) - one.left)
    case 'RIGHT':
      return move(ACROSS, (one) => most(ACROSS) - one.right)
    case 'TOP':
      return move(DOWN, (one) => least(DOWN) - one.top)
    case 'BOTTOM':
      return move(DOWN, (one) => most(DOWN) - one.bottom)
    case 'CENTRE':
      return centre(ACROSS)
    case 'MIDDLE':
      return centre(DOWN)
    case 'SPREAD_ACROSS':
      return spread(frames, all, ACROSS)
    case 'SPREAD_DOWN':
      return spread(frames, all, DOWN)
    default:
      return resized(frames, how !== 'SAME_HEIGHT', how !== 'SAME_WIDTH')
  }
}

function spread(frames: Frame[], all: Outline[], axis: Axis): Frame[] {
  if (frames.length < 3) return frames
  const middleOf = (i: number) => all[i]![axis.near] + all[i]![axis.far]
  const order = frames.map((_, i) => i).sort((a, b) => middleOf(a) - middleOf(b))
  const size = (i: number) => all[i]![axis.far] - all[i]![axis.near]
  const from = all[order[0]!]![axis.near]
  const to = all[order[order.length - 1]!]![axis.far]
  const gap = (to - from - order.reduce((sum, i) => sum + size(i), 0)) / (frames.length - 1)
  const result = [...frames]
  if (gap < 0) {
    const first = middleOf(order[0]!) / 2
    const last = middleOf(order[order.length - 1]!) / 2
    order.forEach((i, k) => {
      const wanted = first + ((last - first) * k) / (order.length - 1)
      result[i] = shifted(frames[i]!, wanted - middleOf(i) / 2, axis)
    })
    return result
  }
  let at = from
  for (const i of order) {
    result[i] = shifted(frames[i]!, at - all[i]![axis.near], axis)
    at += size(i) + gap
  }
  return result
}

function resized(frames: Frame[], wide: boolean, high: boolean): Frame[] {
  const model = frames[0]!
  return frames.map((frame) => {
    const width = wide ? model.width : frame.width
    const height = high ? model.height : frame.height
    return {
      ...frame,
      x: frame.x + (frame.width - width) / 2,
      y: frame.y + (frame.height - height) / 2,
      width,
      height,
    }
  })
}

const clamp = (n: number, least: number, most: number) => Math.min(most, Math.max(least, n))

export function transformed(frame: Frame, by: Similarity): Frame {
  const m = middle(frame)
  const at = turned({ x: (m.x - by.about.x) * by.scale, y: (m.y - by.about.y) * by.scale }, by.turn)
  const width = clamp(frame.width * by.scale, 4, 16000)
  const height = clamp(frame.height * by.scale, 4, 16000)
  return {
    x: clamp(by.about.x + at.x + by.dx - width / 2, -16000, 16000),
    y: clamp(by.about.y + at.y + by.dy - height / 2, -16000, 16000),
    width,
    height,
    turn: (((frame.turn + (by.turn % 360)) % 360) + 360) % 360,
  }
}
