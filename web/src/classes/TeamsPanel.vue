<script setup lang="ts">
import { t } from '@/i18n'
import { looksOnly } from '@/accounts/me'
import { PhPlus, PhScales, PhShuffle, PhTrash } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, ref } from 'vue'
import { getAll, post, put, errorText } from '@/api/client'
import type { ClassView, Team } from '@/api/schema'
import { newId } from '@/api/id'
import { dealtInto, movedTo, without, type Draft } from './teams'

/** Teams of a class: by dragging, by choosing, by chance, or about equally strong. */
const props = defineProps<{ classId: string; students: ClassView['students'] }>()
const teams = ref<Draft[]>([])
const howMany = ref(4)
const wrong = ref('')
const told = ref('')
const dragged = ref('')
const names = computed(() => new Map(props.students.map((one) => [one.id, one.name])))
const alone = computed(() => without(teams.value, props.students))

const draftOf = (team: Team): Draft => ({
  key: team.id,
  id: team.id,
  name: team.name,
  studentIds: team.students.map((one) => one.id),
})

async function trying(work: () => Promise<void>) {
  wrong.value = ''
  told.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(() =>
  trying(async () => {
    teams.value = (await getAll(`/api/v1/classes/${props.classId}/teams`)).map(draftOf)
  }),
)

/** Every change is kept at once. */
const keep = (now: Draft[], words = '') =>
  trying(async () => {
    teams.value = now
    const kept = await put(`/api/v1/classes/${props.classId}/teams`, {
      teams: now.map(({ id, name, studentIds }) => ({ id, name, studentIds })),
    })
    teams.value = kept.map(draftOf)
    told.value = words
  })
const move = (studentId: string, key: string) => keep(movedTo(teams.value, studentId, key))
function drop(key: string) {
  if (dragged.value) void move(dragged.value, key)
  dragged.value = ''
}
const add = () =>
  keep([
    ...teams.value,
    { key: newId(), name: t('classes.team-teams', { teams: teams.value.length + 1 }), studentIds: [] },
  ])
/** Teams that somebody made, or that are at work, are not dealt anew without a question. */
const asked = ref<'random' | 'balanced' | null>(null)
const asking = ref<HTMLDialogElement>()
const before = ref<Draft[] | null>(null)
async function ask(tail: 'random' | 'balanced') {
  if (!teams.value.some((team) => team.studentIds.length)) return deal(tail)
  asked.value = tail
  await nextTick()
  asking.value?.showModal()
}
async function dealAnyway() {
  const tail = asked.value!
  asked.value = null
  const were = teams.value
  await deal(tail)
  if (!wrong.value) before.value = were
}
async function asBefore() {
  const were = before.value!
  before.value = null
  await keep(were, t('classes.the-teams-are-as-they-were'))
}
const deal = (tail: 'random' | 'balanced') =>
  trying(async () => {
    before.value = null
    const dealt = await post(`/api/v1/classes/${props.classId}/teams/${tail}`, {
      teams: howMany.value,
      seed: Math.floor(Math.random() * 1_000_000),
    })
    const words =
      tail === 'balanced'
        ? t('classes.balanced-by-what-count-did-before', { count: 'known' in dealt ? dealt.known : 0 })
        : t('classes.these-teams-are-random')
    await keep(dealtInto(teams.value, dealt.teams), words)
  })
function rename(team: Draft, event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) void keep(teams.value.map((one) => (one === team ? { ...one, name } : one)))
}
</script>

<template>
  <section class="teams" :aria-label="t('classes.teams')">
    <div class="row">
      <h2>{{ t('classes.teams') }}</h2>
      <template v-if="!looksOnly">
        <label
          >{{ t('shared.how-many') }}
          <input v-model.number="howMany" class="field" type="number" min="1" max="100"
        /></label>
        <button class="btn" @click="ask('random')">
          <PhShuffle :size="18" aria-hidden="true" />{{ t('shared.random-teams') }}
        </button>
        <button class="btn" @click="ask('balanced')">
          <PhScales :size="18" aria-hidden="true" />{{ t('classes.balanced-teams') }}
        </button>
        <button class="btn" @click="add">
          <PhPlus :size="18" aria-hidden="true" />{{ t('classes.a-team') }}
        </button>
      </template>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="told" role="status">
      {{ told }}
      <button v-if="before" class="btn" @click="asBefore">{{ t('shared.undo') }}</button>
    </p>
    <dialog v-if="asked" ref="asking" class="anew" aria-labelledby="anew-head" @close="asked = null">
      <h2 id="anew-head">{{ t('classes.make-new-teams') }}</h2>
      <p>{{ t('classes.these-teams-are-replaced-students-who') }}</p>
      <div class="row">
        <button class="btn" autofocus @click="asked = null">{{ t('classes.keep-these-teams') }}</button>
        <button class="btn acc" @click="dealAnyway">{{ t('classes.make-new-teams-2') }}</button>
      </div>
    </dialog>
    <fieldset class="boxes" :disabled="looksOnly">
      <div
        v-for="team in teams"
        :key="team.key"
        class="box"
        :data-team="team.name"
        @dragover.prevent
        @drop.prevent="drop(team.key)"
      >
        <div class="row">
          <input
            class="field"
            :value="team.name"
            maxlength="100"
            :aria-label="t('classes.name-of-team', { team: team.name })"
            @change="rename(team, $event)"
          />
          <button
            class="btn quiet"
            :aria-label="t('classes.take-team-apart', { team: team.name })"
            @click="keep(teams.filter((one) => one !== team))"
          >
            <PhTrash :size="17" aria-hidden="true" />
          </button>
        </div>
        <ul>
          <li
            v-for="id in team.studentIds"
            :key="id"
            class="one"
            :draggable="!looksOnly"
            @dragstart="dragged = id"
          >
            <span>{{ names.get(id) }}</span>
            <select
              class="field"
              :aria-label="t('classes.team-of-student', { name: names.get(id) ?? '' })"
              :value="team.key"
              @change="move(id, ($event.target as HTMLSelectElement).value)"
            >
              <option v-for="other in teams" :key="other.key" :value="other.key">{{ other.name }}</option>
              <option value="">{{ t('classes.no-team') }}</option>
            </select>
          </li>
        </ul>
      </div>
      <div v-if="teams.length" class="box none" @dragover.prevent @drop.prevent="drop('')">
        <h3>{{ t('classes.in-no-team-alone', { alone: alone.length }) }}</h3>
        <ul>
          <li
            v-for="one in alone"
            :key="one.id"
            class="one"
            :draggable="!looksOnly"
            @dragstart="dragged = one.id"
          >
            <span>{{ one.name }}</span>
            <select
              class="field"
              :aria-label="t('classes.team-of-name', { name: one.name })"
              value=""
              @change="move(one.id, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">{{ t('classes.no-team') }}</option>
              <option v-for="other in teams" :key="other.key" :value="other.key">{{ other.name }}</option>
            </select>
          </li>
        </ul>
      </div>
    </fieldset>
    <p v-if="teams.length === 0" class="soft">{{ t('classes.no-teams-yet-make-random-teams') }}</p>
  </section>
</template>

<style scoped>
.anew {
  max-width: min(480px, 94vw);
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.anew p {
  margin: 10px 0 16px;
}
.anew::backdrop {
  background: #1f2d3380;
}
.teams {
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.row label .field {
  width: 70px;
}
.boxes {
  display: grid;
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 12px;
}
.box {
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
.box .row {
  flex-wrap: nowrap;
}
.box .row .field {
  flex: 1;
  min-width: 0;
  font-weight: 700;
}
.none {
  border-style: dashed;
  background: transparent;
}
ul {
  display: grid;
  gap: 6px;
  min-height: 40px;
  max-height: 300px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.one {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 4px 4px 10px;
  border: 1.5px solid #cfc6b4;
  border-radius: var(--tile-s);
  background: #fff;
  cursor: grab;
}
.one span {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.one select {
  width: 92px;
  font-size: 13px;
}
</style>
