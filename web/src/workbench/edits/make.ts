import { t } from '@/i18n'
import { newId } from '@/api/id'
import type { FileRef, Frame, Item, LineLook, Page, ShapeLook, WordStyle } from '@/api/schema'
import { fitSaid, type Said } from '@/page/wordFit'
import { PAGE, type Point } from '@/page/geometry'

/** New items as they come off the rack. */
export const USUAL_STYLE: WordStyle = { size: 44, bold: false, colour: '#1f2d33', align: 'LEFT' }
export const styleOf = (page: Page): WordStyle => page.words ?? USUAL_STYLE

export type TileKind =
  | 'words'
  | 'picture'
  | 'shape'
  | 'line'
  | 'ink'
  | 'note'
  | 'table'
  | 'cover'
  | 'lens'
  | 'zone'
  | 'gap'
  | 'area'
  | 'video'

const FIXED = { kind: 'fixed' } as const
const FREE = { kind: 'free' } as const

/** Beside what lies there already, so that a second new thing does not hide the first. */
export function freePlace(page: Page, at: Point, width: number, height: number): Frame {
  let x = at.x - width / 2
  let y = at.y - height / 2
  while (page.items.some((one) => Math.hypot(one.frame.x - x, one.frame.y - y) < 20)) {
    x += 40
    y += 40
  }
  return { x: Math.round(x), y: Math.round(y), width, height, turn: 0 }
}

/** Pictures from the library are as large as this at first. */
export const PICTURE_SIDE = 160

/**
 * Places for many pieces of one size: in rows along the lower edge of the page, where they wait for students, with even
 * gaps. They get smaller when they would take more than the lower half.
 */
export function inRows(count: number): Frame[] {
  const margin = 60
  const least = 24
  const most = PAGE.height * 0.45
  for (let side = PICTURE_SIDE; ; side -= 10) {
    const across = Math.floor((PAGE.width - 2 * margin + least) / (side + least))
    const rows = Math.ceil(count / across)
    if (rows * (side + least) > most && side > 50) continue
    const perRow = Math.ceil(count / rows)
    return Array.from({ length: count }, (_, i) => {
      const row = Math.floor(i / perRow)
      const inRow = Math.min(perRow, count - row * perRow)
      const gap = Math.min(60, (PAGE.width - 2 * margin - inRow * side) / Math.max(1, inRow - 1))
      const left = (PAGE.width - inRow * side - (inRow - 1) * gap) / 2
      return {
        x: Math.round(left + (i - row * perRow) * (side + gap)),
        y: Math.round(PAGE.height - 40 - (rows - row) * side - (rows - row - 1) * least),
        width: side,
        height: side,
        turn: 0,
      }
    })
  }
}

const common = (frame: Frame) => ({ id: newId(), frame, description: '' })

export const newWords = (page: Page, at: Point, text = t('shared.words')): Item =>
  newWordsSaying(page, at, { text, style: styleOf(page) })

export function newWordsSaying(page: Page, at: Point, said: Said): Item {
  const fit = fitSaid(said, null)
  const frame = freePlace(page, at, fit.width, fit.height)
  return { kind: 'words', ...common(frame), movement: FIXED, content: fit.content }
}

export function newShape(page: Page, at: Point, form: ShapeLook['form'] = 'RECTANGLE', sides = 5): Item {
  const wide = form === 'SPEECH' || form === 'THOUGHT' || form === 'ARROW' || form === 'RECTANGLE'
  const frame = freePlace(page, at, wide ? 260 : 200, wide ? 180 : 200)
  const filled = form !== 'RECTANGLE' && form !== 'ELLIPSE'
  return {
    kind: 'shape',
    ...common(frame),
    movement: FIXED,
    look: {
      form,
      sides,
      ...(filled ? { fill: form === 'TICK' ? '#4c7837' : form === 'CROSS' ? '#a8432b' : '#fbefd8' } : {}),
      ...(form === 'TICK' || form === 'CROSS' ? {} : { outline: '#07444b' }),
      thickness: 5,
      dash: 'SOLID',
    },
  }
}

export type LineSort = 'line' | 'arrow' | 'curve' | 'connector'

export function newLine(page: Page, at: Point, sort: LineSort, joins: [string, string] | null = null): Item {
  const frame = freePlace(page, at, 320, sort === 'curve' ? 120 : 4)
  const look: LineLook = {
    points:
      sort === 'curve'
        ? [
            { x: 0, y: 1 },
            { x: 0.5, y: 0 },
            { x: 1, y: 1 },
          ]
        : [
            { x: 0, y: 0.5 },
            { x: 1, y: 0.5 },
          ],
    curved: sort === 'curve',
    colour: '#07444b',
    thickness: 6,
    dash: 'SOLID',
    start: 'PLAIN',
    end: sort === 'line' || sort === 'curve' ? 'PLAIN' : 'ARROW',
    ...(joins ? { from: joins[0], to: joins[1] } : {}),
  }
  return { kind: 'line', ...common(frame), movement: FIXED, look }
}

export const noteColours = () =>
  [
    [SAND, t('shared.tone-sand')],
    ['#efe4ef', t('shared.tone-plum')],
    ['#dcebea', t('shared.tone-sea')],
    ['#e6efdd', t('shared.tone-meadow')],
    ['#f7e4dd', t('shared.tone-clay')],
    ['#e4eef7', t('shared.tone-sky')],
  ] as const
const SAND = '#fbefd8'

export function newNote(page: Page, at: Point): Item {
  const frame = freePlace(page, at, 220, 220)
  const style: WordStyle = { ...styleOf(page), size: 32, align: 'LEFT' }
  const words = fitSaid({ text: '', style }, frame.width).content
  return { kind: 'note', ...common(frame), movement: FREE, colour: SAND, words, writable: true }
}

export function newTable(page: Page, at: Point): Item {
  const columns = [280, 280]
  const rows = [90, 180, 180]
  const frame = freePlace(page, at, 560, 450)
  return {
    kind: 'table',
    ...common(frame),
    movement: FIXED,
    columns,
    rows,
    cells: rows.map((_, r) => columns.map(() => (r === 0 ? { fill: '#dcebea' } : {}))),
    colour: '#55656b',
  }
}

/** Rows of a spreadsheet as a table, with room for what stands in its cells; null for what is no table. */
export function tableOf(page: Page, at: Point, text: string): Item | null {
  const rows = text
    .replace(/\r?\n$/, '')
    .split(/\r?\n/)
    .map((line) => line.split('\t'))
  const across = Math.max(...rows.map((row) => row.length))
  if (across < 2 || across > MOST_IN_A_TABLE || rows.length > MOST_IN_A_TABLE) return null
  const width = Math.min(280, 1440 / across)
  const height = Math.min(90, 880 / rows.length)
  const style = { ...styleOf(page), size: Math.min(36, Math.max(18, height * 0.4)), align: 'CENTRE' as const }
  const columns = Array.from({ length: across }, () => width)
  return {
    kind: 'table',
    ...common(freePlace(page, at, width * across, height * rows.length)),
    movement: FIXED,
    columns,
    rows: rows.map(() => height),
    cells: rows.map((row) =>
      columns.map((_, c) => {
        const said = (row[c] ?? '').trim()
        return said ? { words: fitSaid({ text: said, style }, width).content } : {}
      }),
    ),
    colour: '#55656b',
  }
}
/** As core's bound on the rows and columns of a table. */
const MOST_IN_A_TABLE = 40

export function newCover(page: Page, at: Point): Item {
  return {
    kind: 'cover',
    ...common(freePlace(page, at, 420, 280)),
    movement: FIXED,
    colour: '#0b5d66',
    direction: 'RIGHT',
    label: t('shared.slide-to-uncover'),
  }
}

export function newLens(page: Page, at: Point): Item {
  return { kind: 'lens', ...common(freePlace(page, at, 260, 220)), movement: FREE, colour: '#68406b' }
}

export function newZone(page: Page, at: Point): Item {
  return { kind: 'zone', ...common(freePlace(page, at, 480, 360)), movement: FIXED, label: '' }
}

/** A gap that students type into, called by its number so that each can be told from the others. */
export function newGap(page: Page, at: Point): Item {
  const number = page.items.filter((item) => item.kind === 'gap').length + 1
  const style: WordStyle = { ...styleOf(page), align: 'LEFT' }
  const frame = freePlace(page, at, 280, Math.max(64, Math.round(style.size * 1.7)))
  return {
    kind: 'gap',
    ...common(frame),
    movement: FIXED,
    description: t('shared.gap-number', { n: number }),
    style,
  }
}

/** A video as large as half the page, with room for its buttons. */
export function newVideo(page: Page, at: Point, video: FileRef): Item {
  return {
    kind: 'video',
    id: newId(),
    frame: freePlace(page, at, 800, 520),
    movement: FIXED,
    description: '',
    video,
    loops: false,
    muted: false,
  }
}
