<script setup lang="ts">
import { t } from '@/i18n'
import { PhCrop, PhDropHalf, PhPause, PhPlay, PhSwap } from '@phosphor-icons/vue'
import { ref } from 'vue'
import type { Crop, Picture } from '@/api/schema'
import { isPiece } from '@/page/items'
import type { Workbench } from '@/workbench/useWorkbench'
import ClearDialog from '@/workbench/pictures/ClearDialog.vue'
import CropDialog from '@/workbench/pictures/CropDialog.vue'
import DraftField from './DraftField.vue'

/** What can be done with a picture: cut out a part, make a colour see-through, still it, say whose it is. */
const props = defineProps<{ workbench: Workbench; item: Picture }>()
const emit = defineEmits<{ replace: [] }>()
const cropping = ref(false)
const clearing = ref(false)

/** The part keeps the scale that the picture has on the page. */
function cut(crop: Crop | null, size: { width: number; height: number }) {
  const { crop: was, ...whole } = props.item
  const { frame } = props.item
  const before = was ?? { width: 1, height: 1 }
  const now = crop ?? { width: 1, height: 1 }
  const scale = Math.min(
    frame.width / (size.width * before.width),
    frame.height / (size.height * before.height),
  )
  const width = Math.max(8, size.width * now.width * scale)
  const height = Math.max(8, size.height * now.height * scale)
  const pageId = props.workbench.page.value.id
  props.workbench.all([
    { kind: 'set-body', pageId, item: crop ? { ...whole, crop } : whole },
    { kind: 'set-frame', pageId, itemId: props.item.id, frame: { ...frame, width, height } },
  ])
}
/** A counter or a cut-out is its own shape, and lies on no card. */
function setCard() {
  const { bare: was, ...rest } = props.item
  props.workbench.setBody(was ? rest : { ...rest, bare: true })
}
function still() {
  const { still: was, ...rest } = props.item
  props.workbench.setBody(was ? rest : { ...rest, still: true })
}
</script>

<template>
  <section class="picture">
    <h3>{{ t('shared.picture') }}</h3>
    <button class="btn" @click="emit('replace')">
      <PhSwap :size="17" aria-hidden="true" />{{ t('workbench.replace-the-picture') }}
    </button>
    <div class="two">
      <button class="btn" @click="cropping = true">
        <PhCrop :size="17" aria-hidden="true" />{{ t('workbench.cut-out') }}
      </button>
      <button v-if="item.picture.from === 'FILE'" class="btn" @click="clearing = true">
        <PhDropHalf :size="17" aria-hidden="true" />{{ t('workbench.clear-a-colour') }}
      </button>
    </div>
    <button
      v-if="item.picture.from === 'FILE'"
      class="btn"
      :aria-pressed="Boolean(item.still)"
      @click="still"
    >
      <component :is="item.still ? PhPlay : PhPause" :size="17" aria-hidden="true" />{{
        item.still ? t('workbench.let-it-move') : t('workbench.hold-it-still')
      }}
    </button>
    <label v-if="isPiece(item)" class="check"
      ><input type="checkbox" :checked="!item.bare" @change="setCard" />{{ t('workbench.on-a-card') }}</label
    >
    <label
      >{{ t('workbench.whose-it-is-licence-source') }}
      <DraftField
        :key="item.id"
        :value="item.credit"
        maxlength="300"
        :placeholder="t('workbench.name-licence-where-from')"
        @commit="workbench.setBody({ ...item, credit: $event })"
    /></label>
    <CropDialog
      v-if="cropping"
      :picture="item.picture"
      :crop="item.crop"
      @keep="cut"
      @close="cropping = false"
    />
    <ClearDialog v-if="clearing" :workbench="workbench" :item="item" @close="clearing = false" />
  </section>
</template>

<style scoped>
.check {
  display: flex;
  gap: 8px;
  align-items: center;
}
.picture {
  display: grid;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.btn {
  padding: 4px 6px;
  font-size: 13px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
</style>
