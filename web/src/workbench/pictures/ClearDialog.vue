<script setup lang="ts">
import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { onMounted, ref } from 'vue'
import { post, errorText } from '@/api/client'
import type { Picture, StoredPicture } from '@/api/schema'
import { pictureUrl } from '@/page/pictures'
import type { Workbench } from '@/workbench/useWorkbench'

/** Makes a colour of a picture see-through: tapped in the picture, made on the server, the first picture kept. */
const props = defineProps<{ workbench: Workbench; item: Picture }>()
const emit = defineEmits<{ close: [] }>()
const dialog = ref<HTMLDialogElement>()
const paper = ref<HTMLCanvasElement>()
const colour = ref('#ffffff')
const tolerance = ref(40)
const made = ref<StoredPicture | null>(null)
const wrong = ref('')
const busy = ref(false)

onMounted(async () => {
  dialog.value?.showModal()
  const image = new Image()
  image.src = pictureUrl(props.item.picture)
  await image.decode().catch(passOver('what cannot be drawn has no size, and says so'))
  const canvas = paper.value
  if (!canvas || !image.naturalWidth) return
  const scale = Math.min(1, 480 / image.naturalWidth, 340 / image.naturalHeight)
  canvas.width = Math.round(image.naturalWidth * scale)
  canvas.height = Math.round(image.naturalHeight * scale)
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
})

function pick(event: MouseEvent) {
  const [r, g, b] = paper.value!.getContext('2d')!.getImageData(event.offsetX, event.offsetY, 1, 1).data
  colour.value = `#${[r, g, b].map((n) => n!.toString(16).padStart(2, '0')).join('')}`
  void look()
}
async function look() {
  busy.value = true
  wrong.value = ''
  try {
    made.value = await post(`/api/v1/files/${props.item.picture.name}/cut-outs`, {
      colour: colour.value,
      tolerance: tolerance.value,
    })
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
function keep() {
  if (made.value)
    props.workbench.setBody({ ...props.item, picture: { from: 'FILE', name: made.value.sha256 } })
  emit('close')
}
</script>

<template>
  <dialog ref="dialog" class="clear" :aria-label="t('workbench.clear-a-colour')" @close="emit('close')">
    <h2>{{ t('workbench.make-a-colour-transparent') }}</h2>
    <p class="soft">{{ t('workbench.tap-the-colour-in-the-picture') }}</p>
    <div class="two">
      <canvas ref="paper" class="picture" @click="pick"></canvas>
      <div class="after">
        <img
          v-if="made"
          :src="pictureUrl({ from: 'FILE', name: made.sha256 })"
          :alt="t('workbench.the-picture-with-the-colour-cleared')"
        />
        <p v-else class="soft">
          {{ busy ? t('workbench.working') : t('workbench.what-comes-of-it-is-shown') }}
        </p>
      </div>
    </div>
    <label class="line"
      >{{ t('shared.colour') }} <input v-model="colour" type="color" @change="look"
    /></label>
    <label class="line"
      >{{ t('workbench.alike-colours-too-tolerance', { tolerance }) }}
      <input v-model.number="tolerance" type="range" min="0" max="200" step="10" @change="look" />
    </label>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button class="btn" @click="emit('close')">{{ t('shared.cancel') }}</button>
      <button class="btn pri" :disabled="!made || busy" @click="keep">{{ t('workbench.keep-it') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.clear {
  padding: 20px 24px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.clear::backdrop {
  background: #1f2d3380;
}
.two {
  display: grid;
  grid-template-columns: auto 300px;
  gap: 14px;
  margin: 12px 0;
}
.picture {
  max-width: 480px;
  cursor: crosshair;
}
.after {
  display: grid;
  place-items: center;
  min-height: 160px;
  background: repeating-conic-gradient(#e6e0d2 0 25%, #fff 0 50%) 0 0/20px 20px;
}
.after img {
  max-width: 280px;
  max-height: 320px;
}
.line,
.row {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 6px 0;
}
.row {
  justify-content: flex-end;
}
</style>
