<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import { PhExport } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, reactive, ref, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { getAll, get, post, errorText } from '@/api/client'
import type { ActivityHead, AssignedHead, ClassHead, ClassView, Team } from '@/api/schema'
import { spaced } from '@/page/code'
import { requestOf, USUAL_GIVING, type Giving } from '@/workbench/assign/giving'
import GivingFields from '@/workbench/assign/GivingFields.vue'
import { zoneHere } from '@/shared/localTime'
import type { Editing } from '@/workbench/edits/editing'
import { undecided } from '@/workbench/edits/key'

/** Gives the activity, as it is now, to a class. */
const props = defineProps<{ editing: Editing }>()
const classes = ref<ClassHead[]>([])
const chosen = ref('')
const teams = shallowRef<Team[]>([])
const students = shallowRef<ClassView['students']>([])
const giving = reactive<Giving>({ ...USUAL_GIVING, zone: zoneHere() })
const others = shallowRef<ActivityHead[]>([])
const given = ref<{ id: string; joinCode: string } | null>(null)
const code = ref<HTMLElement>()
const before = ref<AssignedHead[]>([])
const wrong = ref('')
const busy = ref(false)
const open = computed(() => undecided(props.editing.activity.value))
const address = `${location.host}/join`

async function load() {
  classes.value = (await getAll('/api/v1/classes')).filter((one) => !one.archived)
  chosen.value ||= classes.value[0]?.id ?? ''
  others.value = (await getAll('/api/v1/activities')).filter((one) => one.id !== props.editing.id)
  const all = await getAll('/api/v1/assignments')
  before.value = all.filter((one) => one.activityId === props.editing.id)
}
watch(chosen, async (id) => {
  teams.value = []
  students.value = []
  giving.targets = []
  if (!id) return
  const [all, view] = await Promise.all([
    getAll(`/api/v1/classes/${id}/teams`),
    get(`/api/v1/classes/${id}`),
  ]).catch(() => [[], { students: [] }] as unknown as [Team[], ClassView])
  if (chosen.value !== id) return
  teams.value = all
  students.value = view.students
})
onMounted(() => load().catch((error) => (wrong.value = errorText(error))))

async function assign() {
  busy.value = true
  wrong.value = ''
  try {
    await props.editing.flush()
    given.value = await post(
      `/api/v1/activities/${props.editing.id}/assignments`,
      requestOf(giving, chosen.value),
    )
    await load()
    await nextTick()
    // The code is what the class waits for: it must not lie below the edge of the screen.
    code.value?.scrollIntoView({ block: 'center' })
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="assign">
    <section class="card">
      <h2>{{ t('workbench.assign-it-to-a-class') }}</h2>
      <p class="soft">{{ t('workbench.the-class-works-on-the-activity') }}</p>
      <p v-if="open" class="warn">
        {{ t('workbench.open-still-undecided-students-can-put', { open }) }}
        <RouterLink :to="`/activities/${editing.id}/answers`">{{
          t('workbench.decide-in-answers')
        }}</RouterLink>
      </p>
      <div class="classes" role="radiogroup" :aria-label="t('shared.class')">
        <label v-for="one in classes" :key="one.id" class="class" :class="{ on: chosen === one.id }">
          <input v-model="chosen" type="radio" name="class" :value="one.id" />
          <strong>{{ one.name }}</strong>
          <span class="soft">{{ t('shared.students-count', { n: one.students }) }}</span>
        </label>
      </div>
      <GivingFields :giving="giving" :teams="teams" :students="students" :others="others" />
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <button class="btn acc big" :disabled="busy || !chosen" @click="assign">
        <PhExport :size="20" aria-hidden="true" />{{ t('workbench.assign') }}
      </button>
    </section>
    <section v-if="given" ref="code" class="card code" role="status">
      <h2 class="small-head">{{ t('workbench.students-join-at-address-with', { address }) }}</h2>
      <div class="code-row">
        <p class="big-code">{{ spaced(given.joinCode) }}</p>
        <img class="qr" :src="`/api/v1/qr/${given.joinCode}`" :alt="t('shared.the-same-as-a-picture-for')" />
      </div>
      <RouterLink class="btn pri" :to="`/assigned/${given.id}`">{{
        t('workbench.see-the-class-at-work')
      }}</RouterLink>
    </section>
    <section v-if="before.length" class="card">
      <h2 class="small-head">{{ t('workbench.previous-assignments') }}</h2>
      <ul>
        <li v-for="one in before" :key="one.id">
          <RouterLink :to="`/assigned/${one.id}`">{{ one.className }}</RouterLink>
          <span class="soft">
            {{
              t('workbench.assigned-before', {
                at: dateTime(new Date(one.assignedAt)),
                joined: one.joined,
                students: one.students,
                joinCode: spaced(one.joinCode),
              })
            }}</span
          >
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.assign {
  display: grid;
  grid-column: 1 / -1;
  gap: 18px;
  align-content: start;
  justify-items: center;
  padding: 30px 20px;
  overflow-y: auto;
}
.card {
  display: grid;
  gap: 14px;
  justify-items: start;
  width: min(640px, 100%);
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
}
.warn {
  padding: 8px 12px;
  border-radius: var(--tile-s);
  background: var(--saffron-t);
  color: #5b3c00;
}
a:not(.btn) {
  color: var(--petrol);
}
.classes {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.class {
  display: flex;
  gap: 9px;
  align-items: center;
  padding: 10px 14px;
  border: 1.5px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  cursor: pointer;
}
.class.on {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.code {
  background: var(--plum-t);
}
.code h2 {
  color: #4c2a4f;
  font-size: 15px;
}
.code-row {
  display: flex;
  gap: 26px;
  align-items: center;
}
.qr {
  width: 130px;
  border-radius: 6px;
}
.big-code {
  font-size: 54px;
  font-weight: 700;
  letter-spacing: 5px;
  line-height: 1;
}
ul {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
