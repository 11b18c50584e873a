<script setup lang="ts">
import { t } from '@/i18n'
import { PhMinus, PhPlus, PhScales, PhShuffle, PhStar } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { getAll, get, post, errorText } from '@/api/client'
import type { ClassView, LessonGroup } from '@/api/schema'
import { absentIn } from '@/present/model/absent'
import { ahead, groupsOf, withPoints } from '@/present/model/groups'
import PresentCard from './PresentCard.vue'
import WhoIsAway from './WhoIsAway.vue'

/** Groups for this lesson: by chance, about equally strong, or the class's own teams; with points. */
const props = defineProps<{
  lessonId: string
  classId: string
  groups: LessonGroup[]
  x: number
  y: number
}>()
const emit = defineEmits<{ change: [groups: LessonGroup[]]; close: [] }>()
const students = shallowRef<ClassView['students']>([])
const names = computed(() => new Map(students.value.map((one) => [one.id, one.name])))
const howMany = ref(Math.max(2, props.groups.length || 4))
const absent = absentIn(props.lessonId)
const choosing = ref(false)
const words = ref('')
const leads = computed(() => ahead(props.groups))

onMounted(() =>
  trying(async () => {
    students.value = (await get(`/api/v1/classes/${props.classId}`)).students
  }),
)
async function trying(what: () => Promise<void>) {
  words.value = ''
  try {
    await what()
  } catch (error) {
    words.value = errorText(error)
  }
}
const deal = (how: 'random' | 'balanced') =>
  trying(async () => {
    const { teams } = await post(`/api/v1/classes/${props.classId}/teams/${how}`, {
      teams: howMany.value,
      seed: Math.floor(Math.random() * 1_000_000),
      absent: absent.value,
    })
    emit('change', groupsOf(teams, props.groups))
  })
const own = () =>
  trying(async () => {
    const teams = await getAll(`/api/v1/classes/${props.classId}/teams`)
    if (!teams.length) words.value = t('present.this-class-has-no-teams-of')
    else
      emit(
        'change',
        teams.map((team) => ({
          id: team.id,
          name: team.name,
          points: props.groups.find((one) => one.id === team.id)?.points ?? 0,
          studentIds: team.students.map((one) => one.id),
        })),
      )
  })
</script>

<template>
  <PresentCard :title="t('present.groups')" :x="x" :y="y" class="groups" @close="emit('close')">
    <div class="row">
      <label
        >{{ t('shared.how-many') }}
        <input v-model.number="howMany" type="number" min="1" max="100" />
      </label>
      <button class="btn" @click="deal('random')">
        <PhShuffle :size="20" aria-hidden="true" />{{ t('shared.random-teams') }}
      </button>
      <button class="btn" @click="deal('balanced')">
        <PhScales :size="20" aria-hidden="true" />{{ t('present.balanced') }}
      </button>
      <button class="btn" @click="own">{{ t('present.teams-of-the-class') }}</button>
      <button class="btn" :aria-expanded="choosing" @click="choosing = !choosing">
        {{ absent.length ? t('present.absent-away', { absent: absent.length }) : t('present.who-is-away') }}
      </button>
    </div>
    <p v-if="words" role="status">{{ words }}</p>
    <WhoIsAway v-if="choosing" v-model="absent" :students="students" />
    <ul class="all">
      <li v-for="group in groups" :key="group.id" :class="{ leads: leads.has(group.id) }">
        <div class="row">
          <strong>{{ group.name }}</strong>
          <PhStar v-if="leads.has(group.id)" :size="22" weight="fill" :aria-label="t('present.ahead')" />
          <button
            class="round"
            :aria-label="t('present.group-one-point-less', { group: group.name })"
            @click="emit('change', withPoints(groups, group.id, -1))"
          >
            <PhMinus :size="20" aria-hidden="true" />
          </button>
          <output aria-live="polite">{{ group.points }}</output>
          <button
            class="round"
            :aria-label="t('present.group-one-point-more', { group: group.name })"
            @click="emit('change', withPoints(groups, group.id, 1))"
          >
            <PhPlus :size="20" aria-hidden="true" />
          </button>
        </div>
        <span class="names">{{ group.studentIds.map((id) => names.get(id) ?? '').join(', ') }}</span>
      </li>
    </ul>
  </PresentCard>
</template>

<style scoped>
.groups {
  width: min(820px, 92vw);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
input[type='number'] {
  width: 70px;
  min-height: 44px;
}
.btn {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
}
.all {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 10px;
  max-height: 50vh;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.all li {
  padding: 8px 12px;
  border: 2px solid var(--line);
  border-radius: 12px 12px 12px 4px;
}
.all .leads {
  border-color: var(--saffron);
}
strong {
  flex: 1;
  overflow-wrap: anywhere;
}
output {
  min-width: 34px;
  font-size: 28px;
  font-weight: 700;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
.round {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 1px solid var(--line);
  border-radius: 12px 12px 12px 4px;
  background: #fff;
  cursor: pointer;
}
.names {
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
</style>
