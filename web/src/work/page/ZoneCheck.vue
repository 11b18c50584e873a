<script setup lang="ts">
import { t } from '@/i18n'
import { PhChecks } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Frame } from '@/api/schema'
import { PAGE } from '@/page/geometry'

/** A button at the foot of one zone that asks whether what lies in it is right; it lies over the page as HTML. */
const props = defineProps<{ frame: Frame; name: string }>()
defineEmits<{ check: [] }>()

const share = (length: number, of: number) => `${(length / of) * 100}%`
const place = computed(() => ({
  right: share(PAGE.width - props.frame.x - props.frame.width + 12, PAGE.width),
  top: share(props.frame.y + props.frame.height, PAGE.height),
}))
</script>

<template>
  <button
    class="btn pri check"
    :style="place"
    :aria-label="t('button.check-name', { name })"
    @pointerdown.stop
    @click="$emit('check')"
  >
    <PhChecks :size="20" aria-hidden="true" />{{ t('button.check') }}
  </button>
</template>

<style scoped>
.check {
  position: absolute;
  min-height: 36px;
  padding: 3px 12px;
  transform: translateY(-50%);
}
</style>
