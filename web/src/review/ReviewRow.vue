<script setup lang="ts">
/** A row of a list that is chosen from, the one that is open marked. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ choose: [] }>()
</script>

<template>
  <button class="one" :class="{ on: open }" :aria-current="open ? 'true' : undefined" @click="emit('choose')">
    <slot />
  </button>
</template>

<style scoped>
.one {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 9px 10px;
  border: 1.5px solid transparent;
  border-radius: var(--tile);
  background: none;
  cursor: pointer;
  text-align: start;
}
.one.on {
  border-color: var(--petrol);
  background: #fff;
}
.one :slotted(.name) {
  display: grid;
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.one :slotted(.name) .soft {
  font-size: 12.5px;
}
</style>
