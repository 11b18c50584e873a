import { t } from '@/i18n'
/** Colours that go together, for the pages of an activity. All are `#rrggbb`. */
export interface StyleSet {
  name: string
  paper: string
  title: string
  /** Of words on the paper, in zones and shapes, and on cards. */
  text: string
  /** Of a zone's outline and label; what is written on it is white. */
  zone: string
  /** Within a zone. */
  inside: string
  line: string
  /** Within a shape. */
  shape: string
}

/** Each is held to WCAG 2.2's contrasts by its test. */
export const STYLE_SETS: StyleSet[] = [
  {
    get name() {
      return t('workbench.daylight')
    },
    paper: '#f5f9fb',
    title: '#1e3a5a',
    text: '#1f2d33',
    zone: '#0b5d66',
    inside: '#e4eff1',
    line: '#07444b',
    shape: '#fbefd8',
  },
  {
    get name() {
      return t('workbench.dusk')
    },
    paper: '#f6f1f8',
    title: '#4c2a4f',
    text: '#2b2233',
    zone: '#68406b',
    inside: '#efe4ef',
    line: '#4c2a4f',
    shape: '#e8dcf0',
  },
  {
    get name() {
      return t('workbench.hillside')
    },
    paper: '#f4f8ee',
    title: '#2f4f22',
    text: '#22301c',
    zone: '#4c7837',
    inside: '#e6efdd',
    line: '#3a5c2b',
    shape: '#dfeacb',
  },
  {
    get name() {
      return t('workbench.brick')
    },
    paper: '#fcf5f0',
    title: '#7a2e1b',
    text: '#33241e',
    zone: '#a8432b',
    inside: '#f7e4dd',
    line: '#7a2e1b',
    shape: '#f9dfc9',
  },
  {
    get name() {
      return t('workbench.lamplight')
    },
    paper: '#fdf6e3',
    title: '#5b3c00',
    text: '#33290f',
    zone: '#8a5a00',
    inside: '#fbefd8',
    line: '#5b3c00',
    shape: '#f7e3b4',
  },
  {
    get name() {
      return t('workbench.ink-on-white')
    },
    paper: '#ffffff',
    title: '#000000',
    text: '#000000',
    zone: '#1f2d33',
    inside: '#ffffff',
    line: '#000000',
    shape: '#ffffff',
  },
]

function luminance(colour: string): number {
  const part = (i: number) => {
    const v = parseInt(colour.slice(i, i + 2), 16) / 255
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
  }
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5)
}

/** The contrast of two colours as WCAG 2.2 defines it, from 1 to 21. */
export function contrast(a: string, b: string): number {
  const [x, y] = [luminance(a), luminance(b)]
  return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05)
}
