<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onMounted, ref } from 'vue'
import type { Activity } from '@/api/schema'
import { nextOf, numbered, passingOf } from '@/page/pageOrder'

/** An arrow was drawn from one page to another: what is to lead there. */
const props = defineProps<{ activity: Activity; from: string; to: string }>()
const emit = defineEmits<{ tile: []; next: []; first: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
const name = (id: string) => numbered(props.activity.pages, id)
const buttons = computed(() => passingOf(props.activity).nextAndBack)
const already = computed(() => nextOf(props.activity, props.from)?.id === props.to)
</script>

<template>
  <dialog ref="dialog" class="link" aria-labelledby="link-head" @close="emit('close')">
    <h1 id="link-head">
      {{ t('workbench.what-leads-from-from-to-to', { from: name(from), to: name(to) }) }}
    </h1>
    <div class="links">
      <button class="btn big pri" autofocus @click="emit('tile')">
        {{ t('workbench.a-new-tile-on-the-page') }}
      </button>
      <button v-if="buttons" class="btn big" :disabled="already" @click="emit('next')">
        {{ already ? t('workbench.next-as-it-does-already') : t('workbench.next') }}
      </button>
      <button v-if="buttons && !already" class="btn big" @click="emit('first')">
        {{ t('workbench.next-when-all-is-right-at') }}
      </button>
      <button class="btn big" @click="dialog?.close()">{{ t('workbench.nothing') }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.link {
  max-width: 520px;
  padding: 24px 28px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.link::backdrop {
  background: #1f2d3380;
}
h1 {
  font-size: 20px;
  overflow-wrap: anywhere;
}
.ways {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
</style>
