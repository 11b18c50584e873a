import { t } from '@/i18n'
import { computed, ref, shallowRef } from 'vue'
import { post, put, errorText } from '@/api/client'
import type { Act, DrawnStroke, FileRef, LessonGroup, PageScale } from '@/api/schema'
import type { Point } from '@/page/geometry'
import type { Reshaped } from '@/page/reshaped'
import { tryWork } from '@/work/attempt/tryWork'
import type { Covered } from './overlays'
import type { Instrument } from './instruments'
import { lessonInk } from './lessonInk'
import { USUAL_SCALE, withScale } from './scales'
import type { Spot } from './overlays'

export const UNCOVERED: Covered = { left: 0.5, top: 0, right: 0, bottom: 0 }
const SPOT: Spot = { x: 800, y: 500, width: 420, height: 420, round: true }

/** @property page of the document, from 0 @property pages how many it has, once that is known */
export interface OpenDocument {
  file: FileRef
  page: number
  pages: number
}
/** Under which name the ink of a document's page is kept; within core's bound on ids. */
const documentPage = (file: FileRef, page: number) => `document-${file.sha256.slice(0, 40)}-${page}`

type Work = ReturnType<typeof tryWork>
async function startWork(activityId: string): Promise<Work> {
  const tried = await post(`/api/v1/activities/${activityId}/tries`, { moves: [], presented: true })
  return tryWork(activityId, tried, true)
}

/**
 * One activity in front of a class: its pages with everything on them at work, judged on the server, of which nothing
 * counts; and the ink of the day, which is kept with the lesson.
 *
 * @param going the pages as they are, where only the class changes
 */
export async function openPresentation(activityId: string, classId?: string, going?: Work) {
  const [work, lesson] = await Promise.all([
    going ?? startWork(activityId),
    post('/api/v1/lessons', classId ? { activityId, classId } : { activityId }),
  ])
  const ink = lessonInk(lesson)
  /** How each page is covered, while it is. */
  const covers = ref<Record<string, Covered>>({})
  const spot = ref<Spot>(SPOT)
  const lens = ref({ x: 800, y: 500 })
  const instruments = ref<Instrument[]>([])
  /** Shapes with corners to pull, on each page. */
  const polygons = ref<Record<string, Point[][]>>({})
  /** Shapes of the pages whose corners were pulled. */
  const reshaped = shallowRef<Reshaped>({})
  const scales = shallowRef(lesson.scales)
  const groups = shallowRef<LessonGroup[]>(lesson.groups)
  /** What is to be told: something was not kept. */
  const notKept = ref('')
  const steps = shallowRef<(() => unknown)[]>([])

  const pages = computed(() => {
    const there = new Map(work.view.pages.map((page) => [page.id, page]))
    return work.course.value.pages.flatMap((id) => there.get(id) ?? [])
  })
  const index = computed(() =>
    Math.max(
      0,
      pages.value.findIndex((page) => page.id === work.state.value.pageId),
    ),
  )
  const page = computed(() => pages.value[index.value]!)
  /** A document that lies over the page. Each of its pages has ink of its own. */
  const document = shallowRef<OpenDocument | null>(null)
  /** What is written on: the page, or a page of the document over it. */
  const surface = computed(() =>
    document.value ? documentPage(document.value.file, document.value.page) : page.value.id,
  )
  const strokes = computed<DrawnStroke[]>(() => ink.pages.value[surface.value] ?? [])

  /** Each of them is kept whole, so that the last one that arrives is what stands. */
  async function keep(sent: Promise<unknown>) {
    try {
      await sent
      notKept.value = ''
    } catch (error) {
      notKept.value = t('present.error-it-stands-here-until-this', { error: errorText(error) })
    }
  }
  const scaleOf = (pageId: string) => scales.value[pageId] ?? USUAL_SCALE
  function setScale(pageId: string, to: PageScale) {
    scales.value = withScale(scales.value, pageId, to)
    void keep(put(`/api/v1/lessons/${lesson.id}/scales`, { scales: scales.value }))
  }
  function setGroups(to: LessonGroup[]) {
    groups.value = to
    void keep(put(`/api/v1/lessons/${lesson.id}/groups`, { groups: to }))
  }

  const remember = (step: () => unknown) => (steps.value = [...steps.value, step])
  async function undo() {
    const last = steps.value.at(-1)
    if (!last) return
    steps.value = steps.value.slice(0, -1)
    await last()
  }
  function draw(drawn: DrawnStroke[], gone: string[]) {
    const change = { pageId: surface.value, drawn, gone }
    const back = ink.inverse(change)
    remember(() => ink.change(back))
    ink.change(change)
  }
  /** Things lie where they began, and gaps are empty again. */
  async function startAgain() {
    const before = work.made()
    const { value: pulled } = reshaped
    await work.make({ kind: 'start-again', pageId: page.value.id })
    reshaped.value = Object.fromEntries(Object.entries(pulled).filter(([id]) => !onPage.value.has(id)))
    remember(() => {
      reshaped.value = pulled
      return work.backTo(before)
    })
  }
  const onPage = computed(() => new Set(page.value.items.map((item) => item.id)))
  const rememberShapes = () => {
    const { value: before } = reshaped
    remember(() => (reshaped.value = before))
  }
  const moved = computed(() => {
    const ids = onPage.value
    const { pieces, typed, over, slid } = work.state.value
    return (
      Object.keys(pieces).some((id) => ids.has(id.split('~')[0]!)) ||
      Object.keys(typed ?? {}).some((id) => ids.has(id)) ||
      (over ?? []).some((id) => ids.has(id)) ||
      Object.keys(slid ?? {}).some((id) => ids.has(id)) ||
      Object.keys(reshaped.value).some((id) => ids.has(id))
    )
  })
  const wipe = () =>
    draw(
      [],
      strokes.value.map((one) => one.id),
    )
  return {
    activityId,
    classId,
    lesson,
    work,
    ink,
    covers,
    spot,
    lens,
    instruments,
    polygons,
    reshaped,
    pages,
    index,
    page,
    document,
    surface,
    scaleOf,
    setScale,
    groups,
    setGroups,
    notKept,
    strokes,
    moved,
    canUndo: computed(() => steps.value.length > 0),
    undo,
    draw,
    wipe,
    startAgain,
    rememberShapes,
    rememberAct: (act: Act) => remember(() => work.make(act)),
    open: (pageId: string, back = false) => work.make({ kind: 'open', pageId, ...(back ? { back } : {}) }),
  }
}
export type Presentation = Awaited<ReturnType<typeof openPresentation>>
