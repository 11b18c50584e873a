import { computed, ref } from 'vue'
import type { Point } from '@/page/geometry'
import { cornersOf, isReshapable, provideReshaped } from '@/page/reshaped'
import { toggledInstrument, type Instrument, type InstrumentKind } from '@/present/model/instruments'
import type { Covered, Spot } from '@/present/model/overlays'
import { freshPolygon } from '@/present/model/polygon'
import { UNCOVERED } from '@/present/model/presentation'
import type { Tools } from '@/present/model/tools'
import { upload } from '@/workbench/pictures/upload'
import type { Tabs } from './tabs'
import type { Told } from './told'

/** What lies over the page: its cover, shapes with corners to pull, instruments, the scale that is being set. */
export function useOverPage(tools: Tools, { show }: Tabs, { run }: Told) {
  provideReshaped(() => show.value?.reshaped.value ?? {})
  /** Shapes of the page that the teacher lets be pulled, where they are now. */
  const reshapable = computed(() => show.value?.page.value.items.filter(isReshapable) ?? [])
  const corners = computed(() =>
    reshapable.value.map((item) => show.value!.reshaped.value[item.id] ?? cornersOf(item)!),
  )
  function reshape(all: Point[][]) {
    const { reshaped } = show.value!
    const changed = reshapable.value.flatMap((item, i) =>
      all[i] === corners.value[i] ? [] : [[item.id, all[i]!] as const],
    )
    reshaped.value = { ...reshaped.value, ...Object.fromEntries(changed) }
  }
  const polygons = computed(() => show.value?.polygons.value[show.value.surface.value] ?? [])
  function setPolygons(all: Point[][]) {
    const one = show.value!
    one.polygons.value = { ...one.polygons.value, [one.surface.value]: all }
  }
  function addShape(corners: number) {
    setPolygons([...polygons.value, freshPolygon(corners)])
    tools.tool.value = 'move'
  }

  const covered = computed(() => show.value?.covers.value[show.value.surface.value])
  /** Each page is covered for itself. @returns whether it is covered now */
  function toggleCover() {
    const one = show.value!
    const { [one.surface.value]: there, ...others } = one.covers.value
    one.covers.value = there ? others : { ...others, [one.surface.value]: UNCOVERED }
    return !there
  }
  function drawCover(to: Covered) {
    const one = show.value!
    one.covers.value = { ...one.covers.value, [one.surface.value]: to }
  }
  function moveLens(to: Point) {
    show.value!.lens.value = to
  }
  function setSpot(to: Partial<Spot>) {
    const { spot } = show.value!
    spot.value = { ...spot.value, ...to }
  }
  /** A colour, or a picture of one's own. */
  const coverWith = (what: string | File) =>
    run(async () => {
      const cover = typeof what === 'string' ? what : `/api/v1/files/${(await upload(what, '')).sha256}`
      tools.set({ cover })
    })

  function toggleInstrument(kind: InstrumentKind) {
    const { instruments } = show.value!
    instruments.value = toggledInstrument(instruments.value, kind)
  }
  function setInstrument(index: number, to: Instrument) {
    const { instruments } = show.value!
    instruments.value = instruments.value.map((one, i) => (i === index ? to : one))
  }
  function removeInstrument(index: number) {
    const { instruments } = show.value!
    instruments.value = instruments.value.filter((_, i) => i !== index)
  }
  const scaling = ref(false)
  const scale = computed(() => show.value!.scaleOf(show.value!.surface.value))
  return {
    reshapable,
    corners,
    reshape,
    polygons,
    setPolygons,
    addShape,
    covered,
    toggleCover,
    drawCover,
    coverWith,
    moveLens,
    setSpot,
    toggleInstrument,
    setInstrument,
    removeInstrument,
    scaling,
    scale,
  }
}
