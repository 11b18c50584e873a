import { computed, type Ref } from 'vue'
import { post } from '@/api/client'
import type { DrawnStroke } from '@/api/schema'
import { drawnBy, growing } from '@/gesture/growing'
import { strokeBuilder, type StrokeBuilder } from '@/gesture/strokeBuilder'
import { PAGE, type Point } from '@/page/geometry'
import { linePath, type Drawn, type StrokeStyle } from '@/page/ink'
import { unitsPerPixel } from '@/page/pointer'
import { isNearlyStraight } from '@/present/model/hands'
import { closest, followed, type Instrument } from '@/present/model/instruments'
import {
  brushed,
  brushStyle,
  isStamp,
  neatPoints,
  stampsAlong,
  stampStyle,
  strokesOf,
  withTip,
  type Manner,
  type NeatOffer,
  type NeatShape,
} from '@/present/model/strokes'
import type { Tool } from '@/present/model/tools'

/** Who holds still so long, in this many page units, means a straight line. */
const HOLD = 600
const STILL = 8

interface Hand {
  builder: StrokeBuilder
  path: SVGPathElement
  line: ReturnType<typeof growing>
  from: Point
  at: Point
  /** Set once somebody held still: a straight line from where it began. */
  straight: boolean
  /** Set once somebody held still in a shape: it stands in the place of what was drawn. */
  shaped: boolean
  /** The instrument that it follows. */
  along: Instrument | null
  hold: ReturnType<typeof setTimeout> | undefined
}
export interface DrawingProps {
  tool: Tool
  style: StrokeStyle
  manner: Manner
  neat: boolean
  instruments: Instrument[]
}

/**
 * What is drawn with pens, by several hands at once: the strokes grow in `live`, and are given to `done` when the hand
 * is lifted; a shape that was found in one is given to `offered`.
 */
export function useDrawing(
  props: DrawingProps,
  root: Ref<SVGSVGElement | undefined>,
  live: Ref<SVGGElement | undefined>,
  pointAt: (event: PointerEvent) => Point,
  done: (strokes: DrawnStroke[]) => void,
  offered: (offer: NeatOffer) => void,
) {
  const hands = new Map<number, Hand>()

  function begin(event: PointerEvent) {
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
    path.setAttribute('stroke-linecap', 'round')
    path.setAttribute('stroke-linejoin', 'round')
    if (props.style.tool === 'HIGHLIGHTER') path.setAttribute('class', 'highlighter')
    live.value!.append(path)
    const along = followed(props.instruments, pointAt(event))
    const at = along ? closest(along, pointAt(event)) : pointAt(event)
    const hand: Hand = {
      builder: strokeBuilder(unitsPerPixel(root.value!)),
      path,
      line: growing(() => path),
      from: at,
      at,
      straight: false,
      shaped: false,
      along,
      hold: undefined,
    }
    hands.set(event.pointerId, hand)
    follow(hand, drawnBy(event, pointAt).slice(-1))
  }

  const mannered = computed(() => props.tool === 'pen')
  /** What is seen of a way while it grows. */
  function show(hand: Hand) {
    const points = hand.builder.points()
    if (!mannered.value || hand.straight || hand.shaped) hand.line.draw(props.style, points, 0)
    else if (props.manner === 'BRUSH') hand.line.draw(brushStyle(props.style), brushed(points), 0)
    else if (isStamp(props.manner)) {
      const style = stampStyle(props.style)
      hand.path.setAttribute('fill', 'none')
      hand.path.setAttribute('stroke', style.colour)
      hand.path.setAttribute('stroke-width', String(style.width))
      const stamps = stampsAlong(points, props.manner, props.style.width)
      hand.path.setAttribute(
        'd',
        stamps.map((one) => linePath(one.map((p) => [p.x, p.y, p.pressure]))).join(''),
      )
    } else hand.line.draw(props.style, points, hand.builder.decided())
  }
  /** What is kept of a way once the hand is lifted. */
  function made(hand: Hand): DrawnStroke[] {
    const points = hand.builder.points()
    if (!mannered.value || hand.shaped) return strokesOf(props.style, points)
    if (props.manner === 'ARROW') return strokesOf(props.style, withTip(points, props.style.width))
    if (hand.straight) return strokesOf(props.style, points)
    if (props.manner === 'BRUSH') return strokesOf(brushStyle(props.style), brushed(points))
    if (isStamp(props.manner))
      return stampsAlong(points, props.manner, props.style.width).flatMap((one) =>
        strokesOf(stampStyle(props.style), one),
      )
    return strokesOf(props.style, points)
  }

  async function shapeIn(points: Point[]): Promise<NeatShape | null> {
    try {
      const rough = points.slice(0, 5000).map(({ x, y }) => ({ x, y }))
      return (await post('/api/v1/neat-shapes', { points: rough })).shape ?? null
    } catch {
      // Without an offer the stroke is as good as it was.
      return null
    }
  }

  function follow(hand: Hand, drawn: Drawn[]) {
    if (hand.shaped) return
    for (const there of drawn) {
      const point = hand.along ? { ...there, ...closest(hand.along, there) } : there
      if (Math.hypot(point.x - hand.at.x, point.y - hand.at.y) > STILL) {
        hand.at = point
        wait(hand)
      }
      if (hand.straight) straighten(hand, point)
      else hand.builder.add(point)
    }
    show(hand)
  }
  function wait(hand: Hand) {
    clearTimeout(hand.hold)
    if (hand.straight || hand.along || props.tool === 'fading') return
    hand.hold = setTimeout(() => {
      // Whoever pauses in the middle of a curve goes on with it.
      if (!isNearlyStraight(hand.builder.points())) return void shape(hand)
      hand.straight = true
      hand.line.wipe()
      straighten(hand, { ...hand.at, pressure: 0.5 })
      hand.line.draw(props.style, hand.builder.points(), 0)
    }, HOLD)
  }
  /** Held still at the end of a shape it becomes neat at once. */
  async function shape(hand: Hand) {
    const at = hand.at
    const count = hand.builder.points().length
    const found = await shapeIn(hand.builder.points())
    if (!found || found.kind === 'LINE' || ![...hands.values()].includes(hand) || hand.at !== at) return
    if (count < 5) return
    hand.shaped = true
    hand.line.wipe()
    hand.builder = strokeBuilder()
    for (const point of neatPoints(found, props.style.width)) hand.builder.add(point)
    show(hand)
  }
  function straighten(hand: Hand, to: Drawn) {
    hand.builder = strokeBuilder()
    hand.builder.add({ ...hand.from, pressure: 0.5 })
    hand.builder.add({ x: to.x, y: to.y, pressure: 0.5 })
  }

  /** Whether the pointer was drawing. */
  function goOn(event: PointerEvent): boolean {
    const hand = hands.get(event.pointerId)
    if (hand) follow(hand, drawnBy(event, pointAt))
    return hand !== undefined
  }

  function lift(event: PointerEvent) {
    const hand = hands.get(event.pointerId)
    if (!hand) return
    hands.delete(event.pointerId)
    clearTimeout(hand.hold)
    const strokes = made(hand)
    hand.line.wipe()
    hand.path.remove()
    done(strokes)
    if (props.neat && props.tool === 'pen' && props.manner === 'PEN' && !hand.shaped && !hand.straight)
      void offer(strokes, hand.builder.points())
  }
  /** A neat shape is offered, never forced: the stroke stays until somebody says yes. */
  async function offer(strokes: DrawnStroke[], points: Drawn[]) {
    if (points.length < 6) return
    const { style } = props
    const found = await shapeIn(points)
    if (found)
      offered({
        kind: found.kind,
        gone: strokes.map((one) => one.id),
        drawn: strokesOf(style, neatPoints(found, style.width)),
        at: {
          x: Math.min(PAGE.width - 300, found.frame.x + found.frame.width + 16),
          y: Math.min(PAGE.height - 70, Math.max(10, found.frame.y)),
        },
      })
  }

  /** Whatever is in a hand is let go of, and not kept. */
  function drop() {
    for (const hand of hands.values()) {
      clearTimeout(hand.hold)
      hand.path.remove()
    }
    hands.clear()
  }

  return { begin, goOn, lift, drop }
}
