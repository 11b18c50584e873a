<script setup lang="ts">
import { PhSpeakerHigh, PhX } from '@phosphor-icons/vue'
import { onMounted, ref } from 'vue'
import { ease, SCANS, SIZES } from '@/work/access/accessibility'

/** What makes the pages easier to see, to read and to work. */
defineEmits<{ read: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
const scanWords = (seconds: number) =>
  seconds === 0 ? 'Off' : seconds === 1 ? '1 second' : `${seconds} seconds`
</script>

<template>
  <dialog ref="dialog" class="ease" aria-labelledby="ease-head" @close="$emit('close')">
    <h1 id="ease-head">Make it easier</h1>
    <fieldset>
      <legend>How large</legend>
      <label v-for="size in SIZES" :key="size" class="choice" :class="{ on: ease.size === size }">
        <input v-model="ease.size" type="radio" name="size" :value="size" />
        <span :style="{ fontSize: `${13 + size / 20}px` }">A</span
        ><span class="unseen">{{ size }} per cent</span>
      </label>
    </fieldset>
    <label class="line"><input v-model="ease.ruler" type="checkbox" />A ruler for reading</label>
    <label class="line"><input v-model="ease.contrast" type="checkbox" />Strong colours</label>
    <label class="line"><input v-model="ease.still" type="checkbox" />Nothing moves by itself</label>
    <fieldset>
      <legend>One switch: it goes from thing to thing, the space bar chooses</legend>
      <label v-for="one in SCANS" :key="one" class="choice" :class="{ on: ease.scan === one }">
        <input v-model="ease.scan" type="radio" name="scan" :value="one" />{{ scanWords(one) }}
      </label>
    </fieldset>
    <div class="row">
      <button class="btn big" @click="$emit('read')">
        <PhSpeakerHigh :size="22" aria-hidden="true" />Read the page to me
      </button>
      <button class="btn pri big" autofocus @click="dialog?.close()">
        <PhX :size="20" aria-hidden="true" />Close
      </button>
    </div>
  </dialog>
</template>

<style scoped>
.ease {
  width: min(560px, 94vw);
  padding: 24px 28px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
  font-size: 17px;
}
.ease[open] {
  display: grid;
  gap: 16px;
}
.ease::backdrop {
  background: #1f2d3380;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 6px;
}
.choice {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 6px 14px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  cursor: pointer;
}
.choice.on {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.line {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 40px;
}
.line input {
  width: 24px;
  height: 24px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  justify-content: space-between;
}
</style>
