<script setup lang="ts">
import { PhImageSquare, PhX } from '@phosphor-icons/vue'
import { ref } from 'vue'
import { said } from '@/api/client'
import type { Page, Paper } from '@/api/types'
import DraftField from './DraftField.vue'
import type { Editing } from './editing'
import { ACCEPTED, upload } from './upload'

const props = defineProps<{ page: Page; editing: Editing }>()
const wrong = ref('')
const busy = ref(false)

/** Light tones on which words read well: each is above 12 : 1 against the ink of words. */
const TONES = [
  ['#ffffff', 'White'],
  ['#fbf8f2', 'Paper'],
  ['#fbefd8', 'Sand'],
  ['#f7e4dd', 'Clay'],
  ['#efe4ef', 'Plum'],
  ['#dcebea', 'Sea'],
  ['#e4eef7', 'Sky'],
  ['#e6efdd', 'Meadow'],
] as const

const setPaper = (paper: Paper) => props.editing.edit({ kind: 'set-paper', pageId: props.page.id, paper })

function rename(name: string) {
  props.editing.edit({ kind: 'rename-page', pageId: props.page.id, name })
}

async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  busy.value = true
  wrong.value = ''
  try {
    const picture = await upload(file, '')
    setPaper({ ...props.page.paper, picture: { from: 'FILE', name: picture.sha256 } })
  } catch (error) {
    wrong.value = said(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="page-panel">
    <h2>This page</h2>
    <label>Name<DraftField :key="page.id" :value="page.name" maxlength="300" @commit="rename" /></label>
    <h3>Paper</h3>
    <div class="tones" role="group" aria-label="Colour of the paper">
      <button
        v-for="[colour, name] in TONES"
        :key="colour"
        class="tone"
        :style="{ background: colour }"
        :aria-label="name"
        :title="name"
        :aria-pressed="page.paper.colour === colour"
        @click="setPaper({ ...page.paper, colour })"
      ></button>
    </div>
    <label class="row"
      >Any colour
      <input
        type="color"
        :value="page.paper.colour"
        @change="setPaper({ ...page.paper, colour: ($event.target as HTMLInputElement).value })"
    /></label>
    <label class="btn" :class="{ busy }">
      <PhImageSquare :size="18" aria-hidden="true" />{{ busy ? 'Bringing it in' : 'Picture as paper' }}
      <input class="unseen" type="file" :accept="ACCEPTED" :disabled="busy" @change="bring" />
    </label>
    <button v-if="page.paper.picture" class="btn" @click="setPaper({ colour: page.paper.colour })">
      <PhX :size="18" aria-hidden="true" />No picture
    </button>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p class="soft">Select something on the page to change it, or drag a tile up from the rack.</p>
  </div>
</template>

<style scoped>
.page-panel {
  display: grid;
  gap: 12px;
}
label {
  display: grid;
  gap: 4px;
}
.tones {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
.tone {
  height: 34px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile-s);
  cursor: pointer;
}
.tone[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 -4px var(--petrol);
}
.row {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.btn {
  position: relative;
  display: inline-flex;
}
.btn:focus-within {
  outline: 3px solid var(--saffron);
}
</style>
