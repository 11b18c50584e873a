<script setup lang="ts">
import { t } from '@/i18n'
import { PhUploadSimple } from '@phosphor-icons/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { post, errorText } from '@/api/client'
import type { Roster, SignInCard } from '@/api/schema'
import { asTable, fileText } from './fileText'

/** Names for a class, pasted or from a file, with what they would do before anything is done. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ added: [cards: SignInCard[]]; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const text = ref('')
const roster = shallowRef<Roster | null>(null)
const wrong = ref('')
const busy = ref(false)
onMounted(() => dialog.value?.showModal())

/** How long nothing is typed before the list is looked at, in milliseconds. */
const QUIET = 300
let timer: ReturnType<typeof setTimeout> | undefined
watch(text, () => {
  clearTimeout(timer)
  roster.value = null
  if (text.value.trim()) timer = setTimeout(() => void look(), QUIET)
})
onBeforeUnmount(() => clearTimeout(timer))

async function look() {
  try {
    wrong.value = ''
    roster.value = await post(`/api/v1/classes/${props.id}/student-previews`, { text: text.value })
  } catch (error) {
    wrong.value = errorText(error)
  }
}
async function add() {
  busy.value = true
  stopped = false
  const names = roster.value!.added
  const cards: SignInCard[] = []
  try {
    for (let from = 0; from < names.length && !stopped; from += AT_ONCE) {
      done.value = from
      const part = asTable(names.slice(from, from + AT_ONCE))
      const made = await post(`/api/v1/classes/${props.id}/students`, { text: part })
      if (made.roster.wrong.length) wrong.value = made.roster.wrong[0]!
      if (wrong.value) break
      cards.push(...made.cards)
    }
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
  // Who was added has a card, whatever came afterwards.
  if (cards.length) emit('added', cards)
}
/** So many take a few seconds, since PINs are kept in a way that is slow to guess. */
const AT_ONCE = 20
const done = ref(0)
let stopped = false
function leave() {
  if (busy.value) stopped = true
  else dialog.value?.close()
}
async function file(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (chosen) text.value = await fileText(chosen)
}
const SHOWN = 30
const listed = (names: string[]) =>
  names.length > SHOWN
    ? t('shared.names-and-more', { names: names.slice(0, SHOWN).join(', '), more: names.length - SHOWN })
    : names.join(', ')
const ready = computed(() => roster.value && !roster.value.wrong.length && roster.value.added.length > 0)
</script>

<template>
  <dialog ref="dialog" class="names" aria-labelledby="names-head" @close="emit('close')">
    <h1 id="names-head">{{ t('classes.add-names') }}</h1>
    <label
      >{{ t('classes.one-name-a-line-or-a') }}
      <textarea
        v-model="text"
        rows="9"
        maxlength="500000"
        :placeholder="t('classes.ada-bo-cyrus')"
        autofocus
      />
    </label>
    <label class="btn file"
      ><PhUploadSimple :size="18" aria-hidden="true" />{{ t('classes.from-a-file-csv') }}
      <input class="unseen" type="file" accept=".csv,.txt,text/csv,text/plain" @change="file" />
    </label>
    <div class="tells" role="status">
      <template v-if="roster">
        <p v-if="roster.added.length">
          <strong>{{ t('classes.new-students-count', { n: roster.added.length }) }}:</strong>
          {{ listed(roster.added) }}
        </p>
        <p v-if="roster.there.length">
          <strong>{{ t('classes.in-the-class-already') }}</strong> {{ listed(roster.there) }}
        </p>
        <p v-if="roster.missing.length">
          <strong>{{ t('classes.not-in-the-list-and-stay') }}</strong> {{ listed(roster.missing) }}
        </p>
      </template>
    </div>
    <ul v-if="roster?.wrong.length" class="note" role="alert">
      <li v-for="one in roster.wrong.slice(0, 8)" :key="one">{{ one }}</li>
    </ul>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <progress
        v-if="busy"
        :value="done"
        :max="roster?.added.length ?? 1"
        :aria-label="t('classes.students-added')"
      />
      <button class="btn" @click="leave">{{ busy ? t('classes.stop-here') : t('shared.cancel') }}</button>
      <button class="btn pri" :disabled="!ready || busy" @click="add">
        {{
          busy
            ? t('classes.done-of-added-added', { done, added: roster?.added.length ?? 0 })
            : roster?.added.length
              ? t('classes.add-count', { count: roster.added.length })
              : t('classes.add-them')
        }}
      </button>
    </div>
  </dialog>
</template>

<style scoped>
.names {
  width: 620px;
  max-width: 94vw;
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.names::backdrop {
  background: #1f2d3380;
}
label {
  display: grid;
  gap: 4px;
  margin: 10px 0;
}
.file {
  display: inline-flex;
  margin: 0;
}
textarea {
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
}
.tells {
  display: grid;
  gap: 4px;
  margin: 10px 0;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  gap: 10px;
  justify-content: flex-end;
  margin-top: 12px;
}
</style>
