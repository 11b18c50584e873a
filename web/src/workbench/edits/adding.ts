import { t } from '@/i18n'
import { ref, type Ref } from 'vue'
import { newId } from '@/api/id'
import type {
  FileRef,
  Frame,
  Item,
  LibraryPicture,
  Page,
  PictureRef,
  ShapeLook,
  StoredPicture,
} from '@/api/schema'
import { PAGE, type Point } from '@/page/geometry'
import { cellAt, traitsOf } from '@/page/items'
import { lookOf } from '@/page/zones'
import { areaAround } from '@/workbench/stage/areas'
import type { Workbench } from '@/workbench/useWorkbench'
import {
  freePlace,
  inRows,
  newCover,
  newVideo,
  newGap,
  newLens,
  newLine,
  newNote,
  newShape,
  newTable,
  newWords,
  newZone,
  PICTURE_SIDE,
  type LineSort,
  type TileKind,
} from './make'
import { uploadAll } from '@/workbench/pictures/upload'

/**
 * What a picture is wanted for: a place on the page, in place of another, to fill a drop zone, an item's other side, a
 * cell of a table.
 */
export type PictureFor =
  | { at: Point }
  | { side: string }
  | { poster: string }
  | { replace: string }
  | { fill: string }
  | { table: string; cell: [number, number] }

interface Size {
  width: number
  height: number
  /** What it shows, where that is known. */
  name: string
}

/** The largest box of that shape within a frame, in its middle. */
export function within(frame: Frame, { width, height }: { width: number; height: number }): Frame {
  const scale = Math.min(frame.width / width, frame.height / height)
  const w = Math.max(8, width * scale)
  const h = Math.max(8, height * scale)
  return {
    ...frame,
    x: frame.x + (frame.width - w) / 2,
    y: frame.y + (frame.height - h) / 2,
    width: w,
    height: h,
  }
}

const CENTRE = { x: PAGE.width / 2, y: PAGE.height / 2 }
/** Everything by which new items come onto the page: tiles, the library, files and the camera. */
export function useAdding(workbench: Workbench, page: Ref<Page>) {
  const wanted = ref<PictureFor | null>(null)
  /** A video is being brought in for a place on the page. */
  const bringing = ref<{ at: Point; file?: File } | null>(null)

  function tile(kind: TileKind, at: Point = CENTRE) {
    workbench.take({ is: 'hand' })
    const now = page.value
    if (kind === 'picture') wanted.value = cellFor(at) ?? { at }
    else if (kind === 'words') workbench.add(newWords(now, at), true)
    else if (kind === 'shape') workbench.add(newShape(now, at))
    else if (kind === 'line') workbench.add(newLine(now, at, 'line'))
    else if (kind === 'ink') {
      workbench.chosen.value = []
      workbench.take({ is: 'pen', name: 'pen1' })
    } else if (kind === 'note') workbench.add(newNote(now, at))
    else if (kind === 'table') workbench.add(newTable(now, at))
    else if (kind === 'cover') workbench.add(newCover(now, at))
    else if (kind === 'lens') workbench.add(newLens(now, at))
    else if (kind === 'gap') workbench.add(newGap(now, at))
    else if (kind === 'area') workbench.add(areaAround([at]))
    else if (kind === 'video') bringing.value = { at }
    else workbench.add(newZone(now, at))
  }
  /** A tile that was clicked, rather than dragged, means the middle of the page and no cell. */
  function tileClicked(kind: TileKind, byKey = false) {
    // Drawn around by hand; who has only keys gets a box, and sizes it.
    if (kind === 'area' && !byKey) {
      workbench.chosen.value = []
      workbench.take({ is: 'area' })
      return
    }
    if (kind === 'picture') wanted.value = { at: CENTRE }
    else tile(kind)
  }
  function shape(form: ShapeLook['form'], several: boolean) {
    if (several) workbench.take({ is: 'place', make: (at) => newShape(page.value, at, form) })
    else workbench.add(newShape(page.value, CENTRE, form))
  }
  /** A connector joins the two things that are selected. */
  function line(sort: LineSort) {
    const two = workbench.selected.value.filter((item) => item.kind !== 'line')
    const joins =
      sort === 'connector' && two.length === 2 ? ([two[0]!.id, two[1]!.id] as [string, string]) : null
    workbench.add(newLine(page.value, CENTRE, sort, joins))
  }

  function cellFor(at: Point): PictureFor | null {
    for (const item of [...page.value.items].reverse()) {
      const cell = item.kind === 'table' ? cellAt(item, at) : null
      if (cell) return { table: item.id, cell }
    }
    return null
  }

  function library(picture: LibraryPicture) {
    const what: PictureRef = { from: 'LIBRARY', name: picture.code }
    const where = wanted.value
    wanted.value = null
    const size = { width: 1, height: 1, name: picture.name }
    if (where && !putInto(where, what, picture.credit, size)) {
      place('at' in where ? where.at : CENTRE, what, [PICTURE_SIDE, PICTURE_SIDE], picture.credit, {
        description: picture.name,
        movement: { kind: 'free' },
      })
    }
  }
  /** Several at once wait in rows at the lower edge of the page, selected together. */
  function severalFromLibrary(pictures: LibraryPicture[]) {
    wanted.value = null
    const frames = inRows(pictures.length)
    workbench.addAll(
      pictures.map((picture, i) => ({
        kind: 'picture',
        id: newId(),
        frame: frames[i]!,
        movement: { kind: 'free' },
        description: picture.name,
        picture: { from: 'LIBRARY', name: picture.code },
        credit: picture.credit,
      })),
    )
  }
  /** A picture of one's own that was chosen or taken. */
  function file(picture: StoredPicture, credit: string) {
    const where = wanted.value
    const what: PictureRef = { from: 'FILE', name: picture.sha256 }
    if (where && putInto(where, what, credit, { ...picture, name: '' })) wanted.value = null
    else stored(picture, credit, where && 'at' in where ? where.at : CENTRE)
  }
  function stored(picture: StoredPicture, credit: string, at: Point) {
    const scale = Math.min(600 / picture.width, 450 / picture.height, 2)
    const size: [number, number] = [Math.max(8, picture.width * scale), Math.max(8, picture.height * scale)]
    place(at, { from: 'FILE', name: picture.sha256 }, size, credit, {
      description: '',
      movement: { kind: 'fixed' },
    })
  }
  function place(
    at: Point,
    picture: PictureRef,
    [width, height]: [number, number],
    credit: string,
    rest: Pick<Item, 'description' | 'movement'>,
  ) {
    const frame = freePlace(page.value, at, width, height)
    workbench.add({ kind: 'picture', id: newId(), frame, picture, credit, ...rest })
  }

  const wantedBy = (where: PictureFor): string => {
    if ('at' in where) return ''
    if ('side' in where) return where.side
    if ('replace' in where) return where.replace
    if ('fill' in where) return where.fill
    return 'poster' in where ? where.poster : where.table
  }
  /** In the middle of where the old one was, no larger; all that was decided of the item stays. */
  function replace(
    item: Extract<Item, { kind: 'picture' }>,
    picture: PictureRef,
    credit: string,
    size: Size,
  ) {
    const { crop: _, still: __, ...bare } = item
    const pageId = page.value.id
    const frame = within(item.frame, size)
    workbench.all([
      { kind: 'set-body', pageId, item: { ...bare, picture, credit } },
      { kind: 'set-frame', pageId, itemId: item.id, frame },
      { kind: 'set-description', pageId, itemId: item.id, description: size.name },
    ])
    if (!size.name) workbench.editing.note(t('workbench.the-picture-is-replaced-say-what'))
  }

  /** Puts a picture on the other side or in the cell it was wanted for; false where it lies on the page itself. */
  function putInto(where: PictureFor, picture: PictureRef, credit: string, size: Size): boolean {
    const item = workbench.byId.value.get(wantedBy(where))
    if (!item || 'at' in where) return false
    if ('replace' in where) {
      if (item.kind === 'picture') replace(item, picture, credit, size)
    } else if ('fill' in where) {
      if (item.kind === 'zone') workbench.setBody({ ...item, look: { ...lookOf(item), picture, credit } })
    } else if ('side' in where) {
      const otherSide = { ...(traitsOf(item).otherSide ?? { colour: '#ffffff', byTap: true }), picture }
      const traits = { ...traitsOf(item), otherSide }
      workbench.edit({ kind: 'set-traits', pageId: page.value.id, itemId: item.id, traits })
    } else if ('poster' in where) {
      if (item.kind === 'video') workbench.setBody({ ...item, poster: picture })
    } else if (item.kind === 'table') {
      const [r, c] = where.cell
      workbench.setCell(item, r, c, { ...item.cells[r]![c]!, picture, credit })
    }
    return true
  }

  /** Pictures that were dropped or pasted; one let go over a cell fits itself to it. */
  async function files(all: File[], at: Point) {
    const video = all.find((one) => one.type.startsWith('video/'))
    if (video) {
      bringing.value = { at, file: video }
      return
    }
    const pictures = all.filter((one) => one.type.startsWith('image/'))
    if (pictures.length === 0) {
      workbench.editing.tell(t('workbench.only-pictures-and-videos-can-be'))
      return
    }
    const rows = pictures.map((one) => ({ name: one.name, share: 0, wrong: '' }))
    workbench.editing.note(t('workbench.bringing-in', { n: pictures.length }))
    await uploadAll(pictures, '', rows, (picture) => {
      const cell = pictures.length === 1 ? cellFor(at) : null
      const what: PictureRef = { from: 'FILE', name: picture.sha256 }
      if (!cell || !putInto(cell, what, '', { ...picture, name: '' })) stored(picture, '', at)
    })
    const wrong = rows.find((row) => row.wrong)
    if (wrong) workbench.editing.tell(wrong.wrong)
    else workbench.editing.note(t('workbench.say-whose-the-picture-is-select'))
  }

  function video(file: FileRef) {
    const at = bringing.value?.at ?? CENTRE
    bringing.value = null
    workbench.add(newVideo(page.value, at, file))
  }

  return { wanted, bringing, video, tile, tileClicked, shape, line, library, severalFromLibrary, file, files }
}
