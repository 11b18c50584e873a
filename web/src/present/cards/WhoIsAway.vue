<script setup lang="ts">
/** Ticks those who are away; nobody ticked is everybody there. */
const props = defineProps<{ students: { id: string; name: string }[]; modelValue: string[] }>()
const emit = defineEmits<{ 'update:modelValue': [ids: string[]] }>()
const toggle = (id: string) =>
  emit(
    'update:modelValue',
    props.modelValue.includes(id) ? props.modelValue.filter((one) => one !== id) : [...props.modelValue, id],
  )
</script>

<template>
  <ul class="students">
    <li v-for="one in students" :key="one.id">
      <label
        ><input type="checkbox" :checked="modelValue.includes(one.id)" @change="toggle(one.id)" />{{
          one.name
        }}</label
      >
    </li>
  </ul>
</template>

<style scoped>
.students {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 0 10px;
  max-height: 34vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 40px;
  overflow-wrap: anywhere;
}
input {
  width: 22px;
  height: 22px;
}
</style>
