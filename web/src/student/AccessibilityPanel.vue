<script setup lang="ts">
import { language, LANGUAGES, t, type Language } from '@/i18n'
import { chooseLanguage } from '@/i18n/own'
import { errorText } from '@/api/client'
import { PhSpeakerHigh, PhX } from '@phosphor-icons/vue'
import { onMounted, ref } from 'vue'
import { ease, SCANS, SIZES } from '@/work/access/accessibility'

/** What makes the pages easier to see, to read and to work. */
defineEmits<{ read: []; close: [] }>()
const wrong = ref('')
async function speak(code: Language) {
  wrong.value = ''
  await chooseLanguage(code).catch((error) => (wrong.value = errorText(error)))
}
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
</script>

<template>
  <dialog ref="dialog" class="ease" aria-labelledby="ease-head" @close="$emit('close')">
    <h1 id="ease-head">{{ t('easier.head') }}</h1>
    <fieldset>
      <legend>{{ t('easier.size') }}</legend>
      <label v-for="size in SIZES" :key="size" class="choice" :class="{ on: ease.size === size }">
        <input v-model="ease.size" type="radio" name="size" :value="size" />
        <span :style="{ fontSize: `${13 + size / 20}px` }">A</span
        ><span class="unseen">{{ t('easier.size-percent', { percent: size }) }}</span>
      </label>
    </fieldset>
    <label class="line"><input v-model="ease.ruler" type="checkbox" />{{ t('easier.ruler') }}</label>
    <label class="line"><input v-model="ease.contrast" type="checkbox" />{{ t('easier.contrast') }}</label>
    <label class="line"><input v-model="ease.still" type="checkbox" />{{ t('easier.still') }}</label>
    <fieldset>
      <legend>{{ t('easier.scan') }}</legend>
      <label v-for="one in SCANS" :key="one" class="choice" :class="{ on: ease.scan === one }">
        <input v-model="ease.scan" type="radio" name="scan" :value="one" />{{
          t('easier.scan-every', { seconds: one })
        }}
      </label>
    </fieldset>
    <fieldset>
      <legend>{{ t('common.language') }}</legend>
      <label v-for="one in LANGUAGES" :key="one.code" class="choice" :class="{ on: language === one.code }">
        <input type="radio" name="language" :checked="language === one.code" @change="speak(one.code)" />
        <bdi :lang="one.code">{{ one.name }}</bdi>
      </label>
    </fieldset>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button class="btn big" @click="$emit('read')">
        <PhSpeakerHigh :size="22" aria-hidden="true" />{{ t('easier.read') }}
      </button>
      <button class="btn pri big" autofocus @click="dialog?.close()">
        <PhX :size="20" aria-hidden="true" />{{ t('common.close') }}
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
