<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { computed, onMounted, ref } from 'vue'
import simplify from 'simplify-js'
import type { Crop, PictureRef } from '@/api/schema'
import type { Point } from '@/page/geometry'
import { pictureUrl } from '@/page/pictures'
import { LEAST, nudged, shaped, type Box } from './cropBox'

/** Cuts a part out of a picture: by a box, or along a line drawn by hand. The whole picture stays kept. */
const props = defineProps<{
  picture: PictureRef
  crop?: Crop
  /** Width over height that the part must have, as paper must; then it is cut by a box only. */
  ratio?: number
}>()
/** The part to keep, null for the whole; and how large the whole picture is, in its own pixels. */
const emit = defineEmits<{
  close: []
  keep: [crop: Crop | null, size: { width: number; height: number }]
}>()

const dialog = ref<HTMLDialogElement>()
const field = ref<SVGSVGElement>()
const how = ref<'box' | 'hand'>('box')
const size = ref({ width: 100, height: 100 })
/** Of the whole picture, from 0 to 1. */
const box = ref({ x: 0, y: 0, width: 1, height: 1 })
const loop = ref<Point[]>([])
/** Until its size is known a part has no shape: what somebody quick typed before would be lost. */
const measured = ref(false)

onMounted(async () => {
  dialog.value?.showModal()
  const image = new Image()
  image.src = pictureUrl(props.picture)
  await image.decode().catch(passOver('what cannot be drawn has no size, and says so'))
  size.value = { width: image.naturalWidth || 100, height: image.naturalHeight || 100 }
  const { crop } = props
  if (!crop && props.ratio) {
    const part = shaped(box.value, shape())
    box.value = { ...part, x: (1 - part.width) / 2, y: (1 - part.height) / 2 }
  }
  if (crop) {
    box.value = { x: crop.x, y: crop.y, width: crop.width, height: crop.height }
    if (crop.outline?.length) {
      how.value = 'hand'
      loop.value = crop.outline.map((p) => ({ x: crop.x + p.x * crop.width, y: crop.y + p.y * crop.height }))
    }
  }
  measured.value = true
})

const shape = () => (props.ratio ? { ratio: props.ratio, size: size.value } : null)
const nudge = (part: keyof Box, percent: string) => {
  box.value = nudged(box.value, part, (Number(percent) || 0) / 100, shape())
}
const W = 640
const H = computed(() => Math.min(460, (W * size.value.height) / size.value.width))
const drawnW = computed(() => (H.value * size.value.width) / size.value.height)

function shareAt(event: PointerEvent): Point {
  const rect = field.value!.getBoundingClientRect()
  const clamp = (n: number) => Math.min(1, Math.max(0, n))
  return {
    x: clamp((event.clientX - rect.left) / rect.width),
    y: clamp((event.clientY - rect.top) / rect.height),
  }
}
let from: Point | null = null
let corner: string | null = null
function down(event: PointerEvent) {
  if (!measured.value) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  from = shareAt(event)
  corner = (event.target as Element).getAttribute('data-corner')
  if (how.value === 'hand') loop.value = [from]
}
function move(event: PointerEvent) {
  if (!from) return
  const at = shareAt(event)
  if (how.value === 'hand') {
    loop.value = [...loop.value, at]
    return
  }
  const { x, y, width, height } = box.value
  const edges = corner
    ? {
        left: corner.includes('w') ? at.x : x,
        right: corner.includes('e') ? at.x : x + width,
        top: corner.includes('n') ? at.y : y,
        bottom: corner.includes('s') ? at.y : y + height,
      }
    : {
        left: Math.min(from.x, at.x),
        right: Math.max(from.x, at.x),
        top: Math.min(from.y, at.y),
        bottom: Math.max(from.y, at.y),
      }
  if (edges.right - edges.left >= LEAST && edges.bottom - edges.top >= LEAST) {
    const pull = corner ?? `${at.y < from.y ? 'n' : 's'}${at.x < from.x ? 'w' : 'e'}`
    box.value = shaped(
      {
        x: edges.left,
        y: edges.top,
        width: edges.right - edges.left,
        height: edges.bottom - edges.top,
      },
      shape(),
      pull,
    )
  }
}
function up() {
  from = null
  if (how.value === 'hand' && loop.value.length > 2) {
    const few = simplify(loop.value, 0.004, true)
    loop.value = few.length > 400 ? few.filter((_, i) => i % 2 === 0) : few
    const xs = loop.value.map((p) => p.x)
    const ys = loop.value.map((p) => p.y)
    const x = Math.min(...xs)
    const y = Math.min(...ys)
    box.value = {
      x,
      y,
      width: Math.max(LEAST, Math.max(...xs) - x),
      height: Math.max(LEAST, Math.max(...ys) - y),
    }
  }
}
function keep(all: boolean) {
  const b = box.value
  const outline =
    how.value === 'hand' && loop.value.length > 2
      ? loop.value.map((p) => ({ x: (p.x - b.x) / b.width, y: (p.y - b.y) / b.height }))
      : []
  const whole = all || (b.width >= 1 && b.height >= 1 && outline.length === 0)
  const part: Crop = {
    x: b.x,
    y: b.y,
    width: Math.min(b.width, 1 - b.x),
    height: Math.min(b.height, 1 - b.y),
    ...(outline.length ? { outline } : {}),
  }
  emit('keep', whole ? null : part, size.value)
  emit('close')
}
const CORNERS = ['nw', 'ne', 'se', 'sw']
const path = computed(() =>
  loop.value.map((p, i) => `${i ? 'L' : 'M'}${p.x * drawnW.value} ${p.y * H.value}`).join(''),
)
</script>

<template>
  <dialog ref="dialog" class="crop" :aria-label="t('workbench.cut-out-a-part')" @close="emit('close')">
    <h2>{{ t('workbench.cut-out-a-part') }}</h2>
    <div v-if="!ratio" class="how" role="group" :aria-label="t('workbench.how')">
      <button class="btn" :aria-pressed="how === 'box'" @click="how = 'box'">
        {{ t('workbench.by-a-box') }}
      </button>
      <button class="btn" :aria-pressed="how === 'hand'" @click="how = 'hand'">
        {{ t('workbench.by-hand') }}
      </button>
    </div>
    <p class="soft">
      {{
        how === 'box' ? t('workbench.draw-a-box-over-the-part') : t('workbench.draw-around-the-part-to-keep')
      }}
    </p>
    <svg
      ref="field"
      :viewBox="`0 0 ${drawnW} ${H}`"
      :style="{ width: `${drawnW}px`, height: `${H}px` }"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
    >
      <image :href="pictureUrl(picture)" :width="drawnW" :height="H" preserveAspectRatio="none" />
      <template v-if="how === 'box'">
        <path
          class="dim"
          fill-rule="evenodd"
          :d="`M0 0H${drawnW}V${H}H0ZM${box.x * drawnW} ${box.y * H}h${box.width * drawnW}v${box.height * H}h${-box.width * drawnW}Z`"
        />
        <rect
          v-for="c in CORNERS"
          :key="c"
          class="grip"
          :data-corner="c"
          :x="(c.includes('e') ? box.x + box.width : box.x) * drawnW - 9"
          :y="(c.includes('s') ? box.y + box.height : box.y) * H - 9"
          width="18"
          height="18"
        />
      </template>
      <path v-else class="loop" :d="path + (loop.length > 2 ? 'Z' : '')" />
    </svg>
    <div v-if="how === 'box'" class="numbers">
      <label
        v-for="[part, name] in [
          ['x', 'From left'],
          ['y', 'From top'],
          ['width', 'Width'],
          ['height', 'Height'],
        ] as const"
        :key="part"
        >{{ name }} %
        <input
          type="number"
          min="0"
          max="100"
          :disabled="!measured"
          :value="Math.round(box[part] * 100)"
          @change="nudge(part, ($event.target as HTMLInputElement).value)"
      /></label>
    </div>
    <div class="row">
      <button v-if="crop" class="btn" @click="keep(true)">
        {{ t('workbench.the-whole-picture-again') }}
      </button>
      <button class="btn" @click="emit('close')">{{ t('shared.cancel') }}</button>
      <button class="btn pri" :disabled="!measured" @click="keep(false)">
        {{ t('workbench.keep-this-part') }}
      </button>
    </div>
  </dialog>
</template>

<style scoped>
.crop {
  padding: 20px 24px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.crop::backdrop {
  background: #1f2d3380;
}
svg {
  display: block;
  margin: 10px auto;
  background: repeating-conic-gradient(#e6e0d2 0 25%, #fff 0 50%) 0 0/20px 20px;
  /* The grips at the edge are whole. */
  overflow: visible;
  cursor: crosshair;
  touch-action: none;
}
.dim {
  fill: #1f2d3399;
}
.grip {
  fill: #fff;
  stroke: var(--petrol);
  stroke-width: 3;
}
.loop {
  fill: #0b5d6633;
  stroke: var(--petrol);
  stroke-width: 3;
}
.how,
.row,
.numbers {
  display: flex;
  gap: 8px;
}
.how {
  margin: 10px 0;
}
.row {
  justify-content: flex-end;
  margin-top: 12px;
}
.numbers label {
  display: grid;
  font-size: 13px;
}
.numbers input {
  width: 80px;
  padding: 6px 8px;
  border: 1px solid var(--line);
  border-radius: 8px 8px 8px 3px;
  font: inherit;
}
</style>
