<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowDown, PhArrowUp, PhX } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { ActivityHead, ClassView, Team } from '@/api/schema'
import { inDays, type Giving } from './giving'

/** Who works on what, until when, by which rules. Everything has a usual answer, so that one click assigns. */
const props = defineProps<{
  giving: Giving
  teams: Team[]
  students: ClassView['students']
  others: ActivityHead[]
}>()
/** The form's own object: the step that holds it sends it. */
const form = computed(() => props.giving)
const SHARINGS = [
  { value: 'OWN_COPY', name: t('workbench.own-copy'), about: t('workbench.each-alone') },
  { value: 'TEAM_COPY', name: t('workbench.team-copy'), about: t('workbench.a-team-together-live') },
  { value: 'VIEW_ONLY', name: t('workbench.look-only'), about: t('workbench.nobody-edits') },
] as const
const AFTERS = [
  { value: 'NOTHING', name: t('workbench.nothing') },
  { value: 'RIGHT_AND_WRONG', name: t('workbench.what-was-right') },
  { value: 'SOLUTION', name: t('workbench.the-solution') },
] as const
const DUES = [
  { name: t('workbench.tomorrow-15-00'), value: () => inDays(1, 15) },
  { name: t('workbench.in-a-week'), value: () => inDays(7, 15) },
  { name: t('workbench.no-date'), value: () => '' },
]
const nameOf = (id: string) => props.others.find((one) => one.id === id)?.title ?? ''
function move(i: number, by: number) {
  const all = [...form.value.then]
  const [one] = all.splice(i, 1)
  all.splice(i + by, 0, one!)
  form.value.then = all
}
function add(event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value) form.value.then = [...form.value.then, select.value]
  select.value = ''
}
</script>

<template>
  <fieldset class="choices">
    <legend>{{ t('workbench.who-works-on-what') }}</legend>
    <label
      v-for="one in SHARINGS"
      :key="one.value"
      class="choice"
      :class="{ on: form.sharing === one.value }"
    >
      <input v-model="form.sharing" type="radio" name="sharing" :value="one.value" />
      <span
        ><strong>{{ one.name }}</strong> <span class="soft">{{ one.about }}</span></span
      >
    </label>
  </fieldset>
  <p v-if="form.sharing === 'TEAM_COPY' && teams.length === 0" class="warn">
    {{ t('workbench.this-class-has-no-teams-yet') }}
  </p>
  <label v-if="form.sharing === 'TEAM_COPY'" class="line"
    ><input v-model="form.together" type="checkbox" />{{
      t('workbench.team-mates-turn-the-pages-together')
    }}</label
  >
  <fieldset class="choices">
    <legend>{{ t('workbench.for-whom') }}</legend>
    <label class="choice" :class="{ on: form.whom === 'CLASS' }"
      ><input v-model="form.whom" type="radio" name="whom" value="CLASS" />{{
        t('workbench.the-whole-class')
      }}</label
    >
    <label v-if="teams.length" class="choice" :class="{ on: form.whom === 'TEAMS' }"
      ><input v-model="form.whom" type="radio" name="whom" value="TEAMS" />{{
        t('workbench.some-teams')
      }}</label
    >
    <label class="choice" :class="{ on: form.whom === 'STUDENTS' }"
      ><input v-model="form.whom" type="radio" name="whom" value="STUDENTS" />{{
        t('workbench.some-students')
      }}</label
    >
  </fieldset>
  <div v-if="form.whom !== 'CLASS'" class="who" role="group" :aria-label="t('workbench.those-it-is-for')">
    <label v-for="one in form.whom === 'TEAMS' ? teams : students" :key="one.id">
      <input v-model="form.targets" type="checkbox" :value="one.id" />{{ one.name }}
    </label>
  </div>
  <div class="dates">
    <label>{{ t('workbench.due') }} <input v-model="form.dueAt" class="field" type="datetime-local" /></label>
    <button
      v-for="one in DUES"
      :key="one.name"
      type="button"
      class="btn quiet"
      @click="form.dueAt = one.value()"
    >
      {{ one.name }}
    </button>
  </div>
  <details>
    <summary>{{ t('workbench.more-opens-closes-tries-time-what') }}</summary>
    <div class="grid">
      <label
        >{{ t('workbench.opens') }} <input v-model="form.opensAt" class="field" type="datetime-local"
      /></label>
      <label
        >{{ t('workbench.closes') }} <input v-model="form.closesAt" class="field" type="datetime-local"
      /></label>
      <label class="line"
        ><input v-model="form.lateRefused" type="checkbox" :disabled="!form.dueAt" />{{
          t('workbench.closes-when-it-is-due-else')
        }}</label
      >
      <label
        >{{ t('workbench.can-be-handed-in') }}
        <span
          ><input v-model.number="form.rounds" class="field short" type="number" min="1" max="20" />
          {{ t('workbench.times') }}</span
        ></label
      >
      <label
        >{{ t('workbench.minutes-for-the-whole-0-for') }}
        <input v-model.number="form.minutes" class="field short" type="number" min="0" max="1440"
      /></label>
      <label
        >{{ t('workbench.once-handed-in-students-see') }}
        <select v-model="form.after" class="field">
          <option v-for="one in AFTERS" :key="one.value" :value="one.value">{{ one.name }}</option>
        </select></label
      >
      <label class="line"
        ><input v-model="form.shuffled" type="checkbox" />{{
          t('workbench.pieces-lie-in-another-order-for')
        }}</label
      >
    </div>
    <div class="then">
      <label
        >{{ t('workbench.then-one-after-another') }}
        <select class="field" :aria-label="t('workbench.an-activity-that-comes-after-this')" @change="add">
          <option value="">{{ t('workbench.add-an-activity') }}</option>
          <option
            v-for="one in others.filter((other) => !form.then.includes(other.id))"
            :key="one.id"
            :value="one.id"
          >
            {{ one.title }}
          </option>
        </select></label
      >
      <ol v-if="form.then.length">
        <li v-for="(id, i) in form.then" :key="id">
          {{ nameOf(id) }}
          <button
            type="button"
            class="btn quiet"
            :disabled="i === 0"
            :aria-label="t('workbench.earlier-in-series', { title: nameOf(id) })"
            @click="move(i, -1)"
          >
            <PhArrowUp :size="16" aria-hidden="true" />
          </button>
          <button
            type="button"
            class="btn quiet"
            :disabled="i === form.then.length - 1"
            :aria-label="t('workbench.later-in-series', { title: nameOf(id) })"
            @click="move(i, 1)"
          >
            <PhArrowDown :size="16" aria-hidden="true" />
          </button>
          <button
            type="button"
            class="btn quiet"
            :aria-label="t('workbench.leave-out', { title: nameOf(id) })"
            @click="form.then = form.then.filter((one) => one !== id)"
          >
            <PhX :size="16" aria-hidden="true" />
          </button>
        </li>
      </ol>
    </div>
  </details>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 6px;
  font-weight: 700;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.choice {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 8px 12px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  cursor: pointer;
}
.choice.on {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.who {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 6px 14px;
  width: 100%;
  max-height: 190px;
  overflow-y: auto;
}
.dates {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.dates label {
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: 700;
}
details {
  width: 100%;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 18px;
  margin-top: 12px;
}
.grid label {
  display: grid;
  gap: 4px;
  align-content: start;
}
.grid .line {
  display: flex;
  gap: 8px;
  align-items: center;
  grid-column: 1 / -1;
}
.short {
  width: 90px;
}
.then {
  display: grid;
  gap: 6px;
  margin-top: 14px;
}
.warn {
  padding: 8px 12px;
  border-radius: var(--tile-s);
  background: var(--saffron-t);
  color: #5b3c00;
}
</style>
