import type { Point } from '@/page/geometry'

/** How long a place stays in the tail of the pointer, in milliseconds, and how thick its head is, in page units. */
const LASTS = 420
const HEAD = 13

/**
 * The outline of a pointer with a tail: a disc where it is, and behind it a band that grows thinner the longer ago it
 * was there. Empty without places. @param now as the places' times, in milliseconds
 */
export function tailPath(places: (Point & { time: number })[], now: number): string {
  const there = places.filter((one) => now - one.time <= LASTS)
  const head = places.at(-1)
  if (!head) return ''
  const discs = [...there, head].map((one) => {
    const r = Math.max(1.5, HEAD * (1 - (now - one.time) / LASTS))
    const wide = Math.round((one === head ? HEAD : r) * 10) / 10
    const [x, y] = [Math.round(one.x * 10) / 10, Math.round(one.y * 10) / 10]
    return `M${x - wide} ${y}a${wide} ${wide} 0 1 0 ${2 * wide} 0a${wide} ${wide} 0 1 0 ${-2 * wide} 0Z`
  })
  return discs.join('')
}

/** Follows a pointer and draws its tail at each frame as long as there is one. */
export function tail(draw: (d: string) => void) {
  let places: (Point & { time: number })[] = []
  let frame = 0
  let held = false

  function tick() {
    const now = performance.now()
    const last = places.at(-1)
    places = places.filter((one) => now - one.time <= LASTS || one === last)
    if (!held && last && now - last.time > LASTS) {
      places = []
      frame = 0
      draw('')
      return
    }
    draw(tailPath(places, now))
    frame = requestAnimationFrame(tick)
  }
  return {
    to(point: Point) {
      const last = places.at(-1)
      const time = performance.now()
      // Between two events the tail is closed by places of its own.
      if (last && time - last.time < LASTS) {
        const far = Math.hypot(point.x - last.x, point.y - last.y)
        const steps = Math.min(40, Math.floor(far / 5))
        for (let i = 1; i < steps; i++) {
          const share = i / steps
          places.push({
            x: last.x + (point.x - last.x) * share,
            y: last.y + (point.y - last.y) * share,
            time: last.time + (time - last.time) * share,
          })
        }
      }
      places.push({ ...point, time })
      held = true
      if (!frame) frame = requestAnimationFrame(tick)
    },
    end() {
      held = false
    },
    stop() {
      cancelAnimationFrame(frame)
      frame = 0
    },
  }
}
