<script setup lang="ts">
import { ref, watch } from 'vue'

/** A field that keeps what is being typed, whatever arrives from elsewhere, until Enter or leaving it. */
const props = defineProps<{ value: string | number }>()
const emit = defineEmits<{ commit: [text: string] }>()
// In a field for numbers Vue makes a number of it.
const text = ref<string | number>(String(props.value))
const typing = ref(false)

watch(
  () => props.value,
  (now) => {
    if (!typing.value) text.value = String(now)
  },
)

function commit() {
  typing.value = false
  const written = String(text.value).trim()
  if (written !== String(props.value)) emit('commit', written)
}
</script>

<template>
  <input v-model="text" class="draft" @input="typing = true" @keydown.enter="commit" @blur="commit" />
</template>

<style scoped>
.draft {
  width: 100%;
  min-width: 0;
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
</style>
