import { describe, expect, it } from 'vitest'
import type { Stroke } from '@/api/schema'
import { drawingOf, pointsOf, strokeDrawing, type StrokeStyle, onPageStrokes, type Drawn } from '@/page/ink'
import { growing } from './growing'
import { inkOf, inParts } from './ink'
import { strokeBuilder } from './strokeBuilder'

/** What a hand does, as a browser tells of it: so many samples, to whole pixels of a screen, some trembling. */
interface Recorded {
  name: string
  points: Drawn[]
  /** Page units in one pixel. */
  grain: number
  pressed: boolean
}

function random(seed: number) {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
}

type PageLink = (t: number) => [number, number]
const through =
  (...corners: [number, number][]): PageLink =>
  (t) => {
    const at = t * (corners.length - 1)
    const i = Math.min(corners.length - 2, Math.floor(at))
    const [a, b] = [corners[i]!, corners[i + 1]!]
    return [a[0] + (b[0] - a[0]) * (at - i), a[1] + (b[1] - a[1]) * (at - i)]
  }
const WAYS: Record<string, PageLink> = {
  Z: through([0, 0], [120, 0], [0, 150], [130, 150]),
  N: through([0, 160], [0, 0], [100, 160], [100, 0]),
  'a long straight stroke': through([0, 0], [900, 5]),
  zigzag: through(...Array.from({ length: 16 }, (_, i): [number, number] => [i * 12, i % 2 ? 90 : 0])),
  'scribble over a word': through(
    ...Array.from({ length: 40 }, (_, i): [number, number] => [i * 6 + (i % 3) * 4, i % 2 ? 46 : 0]),
  ),
  o: (t) => [60 * Math.cos(7 * t), 60 * Math.sin(7 * t)],
  spiral: (t) => [200 * t * Math.cos(30 * t), 200 * t * Math.sin(30 * t)],
  e: (t) => [50 * Math.cos(5.4 * t) - (t < 0.2 ? 250 * (0.2 - t) : 0), 50 * Math.sin(5.4 * t)],
  dot: () => [0, 0],
  'a dot that trembles': (t) => [Math.sin(40 * t), Math.cos(33 * t)],
  'there and back on one line': through([0, 0], [200, 0], [20, 0], [180, 0]),
}

function recorded(seed: number): Recorded[] {
  const all: Recorded[] = []
  const chance = random(seed)
  for (const [name, way] of Object.entries(WAYS)) {
    for (const count of [5, 12, 60, 400, 5000]) {
      for (const device of ['mouse', 'touch', 'pen'] as const) {
        const grain = device === 'mouse' ? 1.25 : device === 'touch' ? 4.4 : 0.4
        const size = 0.4 + 2 * chance()
        const points = Array.from({ length: count }, (_, i) => {
          const [x, y] = way(i / (count - 1))
          const tremble = device === 'pen' ? 0.3 * (chance() - 0.5) : 0
          const pixel = (n: number) => Math.round((n + tremble) / grain) * grain
          const pressure = device === 'pen' ? Math.min(1, 0.1 + chance() * 0.05 + 0.8 * (i / count)) : 0.5
          return { x: pixel(300 + x * size), y: pixel(300 + y * size), pressure }
        })
        all.push({ name: `${name}, ${count} points, ${device}`, points, grain, pressed: device === 'pen' })
      }
    }
  }
  return all
}

const STYLES: StrokeStyle[] = [
  { tool: 'PEN', colour: '#1f2d33', width: 1, dash: 'SOLID' },
  { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID' },
  { tool: 'PEN', colour: '#1f2d33', width: 40, dash: 'SOLID' },
  { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'DASHED' },
  { tool: 'HIGHLIGHTER', colour: '#ffe27a', width: 34, dash: 'SOLID' },
]
const triples = (points: Drawn[]) => points.map((p): [number, number, number] => [p.x, p.y, p.pressure])

const withoutTwins = (points: Drawn[]) =>
  points.filter((p, i) => i === 0 || p.x !== points[i - 1]!.x || p.y !== points[i - 1]!.y)

function distance(p: Drawn, points: Drawn[]): number {
  let least = Infinity
  points.forEach((a, i) => {
    const b = points[i + 1] ?? a
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const long = dx * dx + dy * dy
    const t = long ? Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / long)) : 0
    least = Math.min(least, Math.hypot(a.x + t * dx - p.x, a.y + t * dy - p.y))
  })
  return least
}

describe('a stroke while it is drawn and once it is kept', () => {
  const strokes = recorded(7)

  it('is drawn alike, to the last point, on its way through what is kept', () => {
    for (const { name, points } of strokes) {
      const builder = strokeBuilder(1)
      points.forEach((p) => builder.add(p))
      const seen = builder.points()
      for (const style of STYLES) {
        const { ink, frame } = inkOf(style, inParts(seen))
        // As it comes back from the server.
        const back = onPageStrokes(JSON.parse(JSON.stringify(ink)), frame).flatMap((one) => one.points)
        const [was, now] = [withoutTwins(seen), withoutTwins(back)]
        expect(now.length, name).toBe(was.length)
        const most = Math.max(...was.map((p, i) => Math.hypot(p.x - now[i]!.x, p.y - now[i]!.y)))
        expect(most, name).toBeLessThan(0.01)
      }
    }
  })

  // 165 strokes, each drawn at every point: no bound of time, however busy the machine is.
  it(
    'is drawn with the same attributes and path by the sheet it grows on and by the page that keeps it',
    { timeout: 120_000 },
    () => {
      for (const { name, points } of strokes.filter((one) => one.points.length <= 60)) {
        for (const style of STYLES) {
          const sheet = document.createElementNS('http://www.w3.org/2000/svg', 'g')
          const path = document.createElementNS('http://www.w3.org/2000/svg', 'path') as SVGPathElement
          sheet.append(path)
          const line = growing(() => path)
          const builder = strokeBuilder(1)
          points.forEach((p) => {
            builder.add(p)
            line.draw(style, builder.points(), builder.decided())
          })
          const kept: Stroke = {
            ...style,
            points: builder
              .points()
              .flatMap((p) => [Math.round(p.x * 10), Math.round(p.y * 10), Math.round(p.pressure * 255)]),
          }
          const drawing = strokeDrawing(kept)
          // What lies further back is a piece of its own, which ends where the next begins.
          const pieces = [...sheet.children].map((one) => one.getAttribute('d')!)
          const whole = pieces.reduce(
            (all, d) => all + (drawing.fill === 'none' ? d.slice(d.indexOf('L')) : d),
          )
          if (whole !== drawing.d) {
            let at = 0
            while (whole[at] === drawing.d[at]) at++
            expect.fail(
              `${name}: ${pieces.length} pieces; ${whole.slice(at - 60, at + 60)} is not ${drawing.d.slice(at - 60, at + 60)}`,
            )
          }
          expect(path.getAttribute('stroke-width'), name).toBe(
            drawing['stroke-width'] === undefined ? null : String(drawing['stroke-width']),
          )
          expect(path.getAttribute('fill'), name).toBe(drawing.fill)
        }
      }
    },
  )

  it('passes by every place the pen was at, nearer than it trembled: no corner is cut, no end is lost', () => {
    for (const { name, points, grain } of strokes) {
      const builder = strokeBuilder(grain)
      points.forEach((p) => builder.add(p))
      const seen = builder.points()
      const allowed = Math.max(0.5, 0.6 * grain) + 0.35
      const some = points.filter((_, i) => i % Math.ceil(points.length / 80) === 0)
      expect(Math.max(...some.map((p) => distance(p, seen))), name).toBeLessThan(allowed)
      expect(Math.hypot(seen[0]!.x - points[0]!.x, seen[0]!.y - points[0]!.y), name).toBeLessThan(0.1)
      const end = points.at(-1)!
      expect(Math.hypot(seen.at(-1)!.x - end.x, seen.at(-1)!.y - end.y), name).toBeLessThan(0.1)
    }
  })

  it('never changes what is decided while it grows', () => {
    for (const { name, points } of strokes.filter((one) => one.points.length === 400)) {
      const builder = strokeBuilder(1)
      let before: Drawn[] = []
      for (const p of points) {
        builder.add(p)
        const now = builder.points()
        expect(now.slice(0, before.length), name).toEqual(before)
        before = now.slice(0, builder.decided())
      }
    }
  })

  it('is as wide as its pen everywhere, without a pen that knows how hard it is pressed', () => {
    for (const { name, points, pressed } of strokes) {
      if (pressed) continue
      const builder = strokeBuilder(1)
      points.forEach((p) => builder.add(p))
      const drawing = drawingOf(STYLES[1]!, triples(builder.points()))
      // A line that is stroked: the browser draws it of that width, round at its ends and corners.
      expect(drawing['stroke-width'], name).toBeCloseTo(6, 1)
      expect(drawing.d, name).toMatch(/^M[-\d.]+ [-\d.]+([lL][-\d. ]+)*$/)
    }
  })

  it('is small: a letter is kept with few points, and a straight stroke with hardly any', () => {
    const kept = (way: string, count: number) => {
      const one = strokes.find((s) => s.name === `${way}, ${count} points, mouse`)!
      const builder = strokeBuilder(one.grain)
      one.points.forEach((p) => builder.add(p))
      return builder.points().length
    }
    expect(kept('Z', 400)).toBeLessThan(60)
    expect(kept('o', 400)).toBeLessThan(200)
  })

  it('of more points than one stroke may have is kept as several that meet', () => {
    const many = Array.from({ length: 12_000 }, (_, i) => ({
      x: i % 1600,
      y: (i * 37) % 1000,
      pressure: 0.5,
    }))
    const parts = inParts(many)
    expect(parts.every((part) => part.length <= 5000)).toBe(true)
    expect(parts.slice(1).every((part, i) => part[0] === parts[i]!.at(-1))).toBe(true)
    expect(parts[0]!.length + parts.slice(1).reduce((sum, part) => sum + part.length - 1, 0)).toBe(12_000)
    expect(inParts(many.slice(0, 1))).toEqual([many.slice(0, 1)])
  })

  it('of a pressed pen is wider where it is pressed harder, and its points tell how hard', () => {
    const soft = { x: 0, y: 0, pressure: 0.1 }
    const hard = { x: 100, y: 0, pressure: 1 }
    const { d, fill } = drawingOf(STYLES[1]!, triples([soft, hard]))
    expect(fill).toBe('#1f2d33')
    const heights = [...d.matchAll(/[ML]([-\d.]+) ([-\d.]+)/g)].map(([, x, y]) => [+x!, Math.abs(+y!)])
    const at = (near: number) =>
      Math.max(...heights.filter(([x]) => Math.abs(x! - near) < 10).map(([, y]) => y!))
    expect(at(0)).toBeCloseTo(6 * 0.32, 0)
    expect(at(100)).toBeCloseTo(6 * 0.725, 0)
    expect(pointsOf({ ...STYLES[1]!, points: [0, 0, 26, 1000, 0, 255] })[1]).toEqual([100, 0, 1])
  })
})
