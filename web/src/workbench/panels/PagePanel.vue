<script setup lang="ts">
import { t } from '@/i18n'
import { PhCrop, PhImageSquare, PhX } from '@phosphor-icons/vue'
import { ref } from 'vue'
import { errorText } from '@/api/client'
import type { Edit, Page, Paper, Pattern } from '@/api/schema'
import CropDialog from '@/workbench/pictures/CropDialog.vue'
import { PAGE } from '@/page/geometry'
import DraftField from './DraftField.vue'
import type { Editing } from '@/workbench/edits/editing'
import { composite } from '@/workbench/edits/copies'
import StyleSets from '@/workbench/sets/StyleSets.vue'
import ToneButtons from './ToneButtons.vue'
import { ACCEPTED, upload } from '@/workbench/pictures/upload'

/** The page itself: its name and its paper, for this page or for all. */
const props = defineProps<{ page: Page; editing: Editing }>()
const wrong = ref('')
const busy = ref(false)
const share = ref(0)
const everywhere = ref(false)
const cropping = ref(false)

const PATTERNS: [Pattern['kind'] | '', string][] = [
  ['', t('workbench.no-pattern')],
  ['DOTS', t('workbench.dots-dots')],
  ['RULED', t('workbench.ruled-ruled')],
  ['SQUARES', t('workbench.squares-squares')],
  ['AXES', t('workbench.axes-with-numbers')],
  ['ISOMETRIC', t('workbench.isometric-triangles')],
  ['STAVES', t('workbench.music-staves')],
]
const FITS = [
  ['FILL', t('workbench.fills-the-page')],
  ['FIT', t('workbench.shows-all-of-it')],
  ['TILE', t('workbench.again-and-again')],
] as const

function setPaper(change: Partial<Paper>) {
  const pages = everywhere.value ? props.editing.activity.value.pages : [props.page]
  const edits = pages.map((page): Edit => {
    const paper: Paper = { ...props.page.paper, ...change }
    for (const [name, value] of Object.entries(paper))
      if (value === undefined) delete paper[name as keyof Paper]
    return { kind: 'set-paper', pageId: page.id, paper }
  })
  props.editing.edit(composite(edits))
}
const setPattern = (kind: Pattern['kind'] | '') =>
  setPaper({
    pattern: kind
      ? { pitch: kind === 'STAVES' ? 22 : 50, colour: '#9fb3bd', ...props.page.paper.pattern, kind }
      : undefined,
  })

function rename(name: string) {
  props.editing.edit({ kind: 'rename-page', pageId: props.page.id, name })
}

async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  busy.value = true
  share.value = 0
  wrong.value = ''
  try {
    const picture = await upload(file, '', (part) => (share.value = part))
    setPaper({ picture: { from: 'FILE', name: picture.sha256 }, crop: undefined })
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
const value = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="page-panel">
    <h2>{{ t('workbench.this-page') }}</h2>
    <label
      >{{ t('shared.name') }}<DraftField :key="page.id" :value="page.name" maxlength="300" @commit="rename"
    /></label>
    <h3>{{ t('workbench.paper') }}</h3>
    <ToneButtons
      :of="t('workbench.colour-of-the-paper')"
      :colour="page.paper.colour"
      @take="setPaper({ colour: $event })"
    />
    <label class="row"
      >{{ t('workbench.any-colour') }}
      <input type="color" :value="page.paper.colour" @change="setPaper({ colour: value($event) })"
    /></label>
    <label
      >{{ t('workbench.printed-on-it') }}
      <select
        :value="page.paper.pattern?.kind ?? ''"
        @change="setPattern(value($event) as Pattern['kind'] | '')"
      >
        <option v-for="[kind, name] in PATTERNS" :key="kind" :value="kind">{{ name }}</option>
      </select></label
    >
    <template v-if="page.paper.pattern">
      <label
        >{{ t('workbench.how-far-apart-pitch', { pitch: page.paper.pattern.pitch }) }}
        <input
          type="range"
          min="16"
          max="200"
          step="2"
          :value="page.paper.pattern.pitch"
          @change="setPaper({ pattern: { ...page.paper.pattern, pitch: Number(value($event)) } })"
      /></label>
      <label class="row"
        >{{ t('workbench.its-colour') }}
        <input
          type="color"
          :value="page.paper.pattern.colour"
          @change="setPaper({ pattern: { ...page.paper.pattern, colour: value($event) } })"
      /></label>
    </template>
    <label class="btn" :class="{ busy }">
      <PhImageSquare :size="18" aria-hidden="true" />{{
        busy
          ? t('workbench.bringing-it-in-share', { share: Math.round(share * 100) })
          : t('workbench.picture-as-paper')
      }}
      <input class="unseen" type="file" :accept="ACCEPTED" :disabled="busy" @change="bring" />
    </label>
    <template v-if="page.paper.picture">
      <label
        >{{ t('workbench.the-picture') }}
        <select :value="page.paper.fit ?? 'FILL'" @change="setPaper({ fit: value($event) as Paper['fit'] })">
          <option v-for="[fit, name] in FITS" :key="fit" :value="fit">{{ name }}</option>
        </select></label
      >
      <button class="btn" @click="cropping = true">
        <PhCrop :size="18" aria-hidden="true" />{{ t('workbench.cut-out-a-part') }}
      </button>
      <CropDialog
        v-if="cropping"
        :picture="page.paper.picture"
        :crop="page.paper.crop"
        :ratio="PAGE.width / PAGE.height"
        @keep="setPaper({ crop: $event ?? undefined })"
        @close="cropping = false"
      />
      <button class="btn" @click="setPaper({ picture: undefined, fit: undefined, crop: undefined })">
        <PhX :size="18" aria-hidden="true" />{{ t('workbench.no-picture-2') }}
      </button>
    </template>
    <label class="row"
      >{{ t('workbench.the-same-paper-for-all-pages') }}
      <input v-model="everywhere" type="checkbox" @change="everywhere && setPaper({})"
    /></label>
    <StyleSets :page="page" :editing="editing" />
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p class="soft">{{ t('workbench.select-something-on-the-page-to') }}</p>
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
.row {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.row input[type='checkbox'] {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
select {
  width: 100%;
  padding: 5px 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.btn {
  position: relative;
  display: inline-flex;
}
.btn:focus-within {
  outline: 3px solid var(--saffron);
}
</style>
