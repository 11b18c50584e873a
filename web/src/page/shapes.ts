import { t } from '@/i18n'
import type { ShapeLook } from '@/api/schema'
import { tilePath } from './geometry'

type Form = ShapeLook['form']

export const FORMS: { form: Form; name: string }[] = [
  {
    form: 'RECTANGLE',
    get name() {
      return t('form.RECTANGLE')
    },
  },
  {
    form: 'ELLIPSE',
    get name() {
      return t('form.ELLIPSE')
    },
  },
  {
    form: 'TRIANGLE',
    get name() {
      return t('form.TRIANGLE')
    },
  },
  {
    form: 'POLYGON',
    get name() {
      return t('form.POLYGON')
    },
  },
  {
    form: 'STAR',
    get name() {
      return t('form.STAR')
    },
  },
  {
    form: 'HEART',
    get name() {
      return t('form.HEART')
    },
  },
  {
    form: 'ARROW',
    get name() {
      return t('form.ARROW')
    },
  },
  {
    form: 'TICK',
    get name() {
      return t('form.TICK')
    },
  },
  {
    form: 'CROSS',
    get name() {
      return t('form.CROSS')
    },
  },
  {
    form: 'SPEECH',
    get name() {
      return t('form.SPEECH')
    },
  },
  {
    form: 'THOUGHT',
    get name() {
      return t('form.THOUGHT')
    },
  },
]

/** Corners around the middle of a box, the first at the middle of its top; as core's Polygon.regular. */
function ring(count: number, reach: (i: number) => number = () => 1): Corner[] {
  return Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count - Math.PI / 2
    return [(1 + reach(i) * Math.cos(angle)) / 2, (1 + reach(i) * Math.sin(angle)) / 2]
  })
}

const through = (w: number, h: number, points: Corner[]) =>
  `M${points.map(([x, y]) => `${x * w} ${y * h}`).join('L')}Z`

/** A place in a shape's box, in shares of its width and height. */
type Corner = [number, number]
const FIXED_CORNERS: Partial<Record<Form, Corner[]>> = {
  RECTANGLE: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
  TRIANGLE: [
    [0.5, 0],
    [1, 1],
    [0, 1],
  ],
  STAR: ring(10, (i) => (i % 2 ? 0.42 : 1)),
  ARROW: [
    [0, 0.28],
    [0.62, 0.28],
    [0.62, 0],
    [1, 0.5],
    [0.62, 1],
    [0.62, 0.72],
    [0, 0.72],
  ],
  TICK: [
    [0, 0.55],
    [0.15, 0.38],
    [0.37, 0.62],
    [0.84, 0.06],
    [1, 0.22],
    [0.38, 0.96],
  ],
  CROSS: [
    [0.18, 0],
    [0.5, 0.32],
    [0.82, 0],
    [1, 0.18],
    [0.68, 0.5],
    [1, 0.82],
    [0.82, 1],
    [0.5, 0.68],
    [0.18, 1],
    [0, 0.82],
    [0.32, 0.5],
    [0, 0.18],
  ],
}
/** The corners of a shape, one after another; null for one with curves. */
export const corners = (form: Form, sides: number): Corner[] | null =>
  form === 'POLYGON' ? ring(sides) : (FIXED_CORNERS[form] ?? null)

const ellipse = (x: number, y: number, rx: number, ry: number) =>
  `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`

/** The outline of a shape that fills a box of that size, as an SVG path. */
export function shapePath(form: Form, sides: number, w: number, h: number): string {
  const straight = corners(form, sides)
  if (straight) return through(w, h, straight)
  switch (form) {
    case 'ELLIPSE':
      return ellipse(w / 2, h / 2, w / 2, h / 2)
    case 'HEART':
      return (
        `M${w / 2} ${h}C${w * 0.1} ${h * 0.66} 0 ${h * 0.5} 0 ${h * 0.3}` +
        `C0 ${h * -0.05} ${w * 0.42} ${h * -0.08} ${w / 2} ${h * 0.24}` +
        `C${w * 0.58} ${h * -0.08} ${w} ${h * -0.05} ${w} ${h * 0.3}` +
        `C${w} ${h * 0.5} ${w * 0.9} ${h * 0.66} ${w / 2} ${h}Z`
      )
    case 'SPEECH': {
      const body = h * 0.78
      const r = Math.min(w, h) * 0.16
      return (
        `M${r} 0H${w - r}A${r} ${r} 0 0 1 ${w} ${r}V${body - r}A${r} ${r} 0 0 1 ${w - r} ${body}` +
        `H${w * 0.42}L${w * 0.2} ${h}L${w * 0.24} ${body}H${r}A${r} ${r} 0 0 1 0 ${body - r}V${r}A${r} ${r} 0 0 1 ${r} 0Z`
      )
    }
    case 'THOUGHT':
      return (
        ellipse(w / 2, h * 0.38, w / 2, h * 0.38) +
        ellipse(w * 0.28, h * 0.83, w * 0.075, h * 0.07) +
        ellipse(w * 0.17, h * 0.95, w * 0.045, h * 0.045)
      )
    default:
      throw new Error(`A shape without an outline: ${form}`)
  }
}

/** The part of a shape in which its words have room, in shares of its box. */
export function wordRoom(form: Form): { x: number; y: number; width: number; height: number } {
  switch (form) {
    case 'RECTANGLE':
      return { x: 0, y: 0, width: 1, height: 1 }
    case 'SPEECH':
      return { x: 0, y: 0, width: 1, height: 0.78 }
    case 'THOUGHT':
      return { x: 0.15, y: 0.06, width: 0.7, height: 0.64 }
    case 'TRIANGLE':
      return { x: 0.25, y: 0.45, width: 0.5, height: 0.5 }
    case 'HEART':
      return { x: 0.16, y: 0.16, width: 0.68, height: 0.5 }
    case 'ARROW':
      return { x: 0, y: 0.28, width: 0.8, height: 0.44 }
    default:
      return { x: 0.15, y: 0.15, width: 0.7, height: 0.7 }
  }
}

export function dashArray(dash: 'SOLID' | 'DASHED' | 'DOTTED', thickness: number): string | undefined {
  if (dash === 'SOLID') return undefined
  return dash === 'DASHED' ? `${thickness * 3} ${thickness * 2}` : `0 ${thickness * 2}`
}

/** A tile that stands for anything picked up. */
export const tile = tilePath
