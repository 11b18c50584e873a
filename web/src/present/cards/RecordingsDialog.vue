<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import { passOver } from '@/shared/passOver'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { getAll, Refusal, patch, post, remove as removeAt, errorText } from '@/api/client'
import { newId } from '@/api/id'
import type { Caption, Screencast } from '@/api/schema'
import CaptionLines from './CaptionLines.vue'
import { sendKept } from '@/present/recording/pieceSender'
import { browserShelf, forgetPieces } from '@/present/recording/pieceShelf'
import { middle, putOnPage } from '@/present/model/putOnPages'
import { isBeingRecorded } from '@/present/recording/recordingLock'
import { captionAt, shownChapters, timeOf, timeWords } from '@/present/recording/screencastTimes'

/** The recordings of an activity: played, trimmed, given words, put on a page, kept as a file. */
const props = defineProps<{ activityId: string; pageId: string; first: string | null }>()
const emit = defineEmits<{ close: []; put: [pageId: string] }>()
const dialog = ref<HTMLDialogElement>()
const video = ref<HTMLVideoElement>()
const all = shallowRef<Screencast[] | null>(null)
const chosen = ref<string | null>(props.first)
const one = computed(() => all.value?.find((each) => each.id === chosen.value) ?? null)
const words = ref('')
const busy = ref(false)
const sure = ref(false)

const title = ref('')
const captions = ref<Caption[]>([])
const ends = ref({ from: '', to: '' })
watch(one, (now) => {
  sure.value = false
  if (!now) return
  title.value = now.title
  captions.value = now.captions.map((each) => ({ ...each }))
  ends.value = { from: timeWords(now.from ?? 0), to: timeWords(now.to ?? now.millis ?? 0) }
})
const chapters = computed(() => (one.value ? shownChapters(one.value) : []))

onMounted(async () => {
  dialog.value?.showModal()
  await run(async () => {
    all.value = await getAll(`/api/v1/activities/${props.activityId}/screencasts`)
    chosen.value ??= all.value[0]?.id ?? null
  })
})
async function run(what: () => Promise<unknown>, told = '') {
  busy.value = true
  words.value = ''
  try {
    await what()
    words.value = told
  } catch (error) {
    words.value = errorText(error)
  }
  busy.value = false
}
const replace = (now: Screencast) => (all.value = all.value!.map((each) => (each.id === now.id ? now : each)))

/** A tab was closed in the middle of it: what came until then is a recording too. */
const finish = () =>
  run(async () => {
    const id = chosen.value!
    if (await isBeingRecorded(id)) throw new Refusal(409, t('present.this-is-being-recorded-just-now'))
    await sendKept(id, browserShelf)
    replace(await post(`/api/v1/screencasts/${id}/completion`))
  })
async function save() {
  const { id, chapters: kept, millis } = one.value!
  const [from, to] = [timeOf(ends.value.from), timeOf(ends.value.to)]
  if (from === null || to === null || to <= from) {
    words.value = t('present.the-end-comes-after-the-beginning')
    return
  }
  await run(async () => {
    const change = {
      title: title.value,
      chapters: kept,
      captions: captions.value.filter((each) => each.words.trim()),
      // To within a tenth of a second the end is the end.
      ...(from > 0 ? { from } : {}),
      ...(Math.abs(to - (millis ?? to)) > 100 ? { to } : {}),
    }
    replace(await patch(`/api/v1/screencasts/${id}`, change))
  }, t('present.saved'))
}
/** Where the video stands, by the time from the beginning of all of it. */
const here = () => Math.round((video.value?.currentTime ?? 0) * 1000) + (one.value?.from ?? 0)
function go(at: number) {
  video.value!.currentTime = at / 1000
  void video.value!.play().catch(passOver('one presses play'))
}
function addWords() {
  captions.value = [...captions.value, captionAt(captions.value, here(), one.value!.millis ?? 0)].sort(
    (a, b) => a.from - b.from,
  )
}
async function put() {
  const { video: file, words: captionFile, title: name } = one.value!
  await run(async () => {
    const item = {
      kind: 'video' as const,
      id: newId(),
      frame: middle(800, 560, false),
      movement: { kind: 'fixed' as const },
      description: name,
      video: file!,
      ...(captionFile ? { captions: captionFile } : {}),
      loops: false,
      muted: false,
    }
    emit('put', await putOnPage(props.activityId, props.pageId, [item], false))
  })
}
async function remove() {
  if (!sure.value) {
    sure.value = true
    return
  }
  await run(async () => {
    await removeAt(`/api/v1/screencasts/${chosen.value}`)
    await forgetPieces(chosen.value!)
    all.value = all.value!.filter((each) => each.id !== chosen.value)
    chosen.value = all.value[0]?.id ?? null
  }, t('present.the-recording-is-gone'))
}
const day = (at: string) => dateTime(new Date(at))
const captionsUrl = computed(() => (one.value?.words ? `/api/v1/files/${one.value.words.sha256}` : ''))
</script>

<template>
  <dialog ref="dialog" class="recordings" :aria-label="t('present.recordings')" @close="emit('close')">
    <header>
      <h2>{{ t('present.recordings') }}</h2>
      <p role="status">{{ words }}</p>
      <button class="btn" @click="emit('close')">{{ t('shared.close') }}</button>
    </header>
    <p v-if="all && !all.length">{{ t('present.nothing-of-this-activity-was-recorded') }}</p>
    <div v-else class="both">
      <ul class="list">
        <li v-for="each in all ?? []" :key="each.id">
          <button class="btn" :aria-pressed="each.id === chosen" @click="chosen = each.id">
            <strong>{{ each.title }}</strong>
            <span>{{ day(each.beganAt) }}{{ each.millis ? `, ${timeWords(each.millis)}` : '' }}</span>
          </button>
        </li>
      </ul>
      <section v-if="one && !one.video">
        <p>{{ t('present.this-recording-was-not-ended-what') }}</p>
        <button class="btn pri" :disabled="busy" @click="finish">{{ t('present.finish-it') }}</button>
        <button class="btn" :disabled="busy" @click="remove">
          {{ sure ? t('present.delete-it-for-good') : 'Delete' }}
        </button>
      </section>
      <section v-else-if="one" class="one">
        <video ref="video" :key="one.video!.sha256" controls :src="`/api/v1/files/${one.video!.sha256}`">
          <track v-if="captionsUrl" kind="captions" :src="captionsUrl" default />
        </video>
        <div class="chapters" role="group" :aria-label="t('present.chapters')">
          <button v-for="(chapter, i) in chapters" :key="i" class="btn" @click="go(chapter.at)">
            {{ timeWords(chapter.at) }} {{ chapter.name }}
          </button>
        </div>
        <label class="wide">{{ t('shared.name') }} <input v-model="title" maxlength="295" /></label>
        <div class="line">
          <label
            >{{ t('present.begins-at') }} <input v-model="ends.from" class="time" inputmode="decimal"
          /></label>
          <button class="btn" @click="ends.from = timeWords(here())">{{ t('present.begin-here') }}</button>
          <label
            >{{ t('present.ends-at') }} <input v-model="ends.to" class="time" inputmode="decimal"
          /></label>
          <button class="btn" @click="ends.to = timeWords(here())">{{ t('present.end-here') }}</button>
        </div>
        <CaptionLines v-model="captions" @add="addWords" />
        <div class="line">
          <button class="btn pri" :disabled="busy" @click="save">{{ t('shared.save') }}</button>
          <button class="btn" :disabled="busy" @click="put">{{ t('present.put-on-this-page') }}</button>
          <a class="btn" :href="`/api/v1/files/${one.video!.sha256}`" :download="`${one.title}.webm`">{{
            t('present.save-as-a-file')
          }}</a>
          <a v-if="captionsUrl" class="btn" :href="captionsUrl" :download="`${one.title}.vtt`">{{
            t('present.save-the-words')
          }}</a>
          <button class="btn" :disabled="busy" @click="remove">
            {{ sure ? t('present.delete-it-for-good') : 'Delete' }}
          </button>
        </div>
      </section>
    </div>
  </dialog>
</template>

<style scoped>
.recordings {
  width: min(1080px, 94vw);
  max-height: 92vh;
  padding: 18px 22px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.recordings::backdrop {
  background: #1f2d33a0;
}
header,
.line,
.chapters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
header p {
  flex: 1;
  margin: 0;
}
h2,
h3 {
  margin: 0;
}
.both {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 18px;
  margin-top: 12px;
}
.list {
  display: grid;
  gap: 6px;
  align-content: start;
  max-height: 76vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.list .btn {
  display: grid;
  justify-items: start;
  width: 100%;
  text-align: start;
  overflow-wrap: anywhere;
}
.btn {
  min-height: 44px;
}
.btn[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.one {
  display: grid;
  gap: 10px;
  min-width: 0;
}
video {
  width: 100%;
  max-height: 46vh;
  border-radius: 8px;
  background: #1f2d33;
}
.chapters {
  max-height: 110px;
  overflow: auto;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
input {
  min-height: 40px;
}
.time {
  width: 86px;
}
.wide input {
  flex: 1;
  min-width: 120px;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
