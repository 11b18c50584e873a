<script setup lang="ts">
import { t } from '@/i18n'
import { PhMagnifyingGlass, PhPlus } from '@phosphor-icons/vue'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { getAll, post, put, remove as removeAt, errorText } from '@/api/client'
import type { ActivityHead } from '@/api/schema'
import type { StarterKind } from '@/starters/kinds'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { looksOnly, needTeacher } from '@/accounts/me'
import ActivityCard from './ActivityCard.vue'
import StarterStrip from '@/starters/StarterStrip.vue'

/** Fetched when they are first needed. */
const StarterDialog = defineAsyncComponent(() => import('@/starters/StarterDialog.vue'))
const ShareDialog = defineAsyncComponent(() => import('./ShareDialog.vue'))

/** The shelf: find, tag, sort, set aside, copy, share, delete with undo. */
const all = ref<ActivityHead[] | null>(null)
const find = ref('')
const tag = ref('')
const aside = ref(false)
const sort = ref<'LATEST' | 'NAME' | 'OLDEST'>('LATEST')
const wrong = ref('')
const naming = ref(false)
const title = ref('')
const nameField = ref<{ focus(): void }>()
const gone = ref<ActivityHead | null>(null)
const sharing = ref<ActivityHead | null>(null)
const starting = ref<StarterKind | null>(null)
const known = ref<string[]>([])
const router = useRouter()
let asked = 0

async function load() {
  const mine = ++asked
  try {
    const query = new URLSearchParams({
      words: find.value.trim(),
      tag: tag.value,
      archived: String(aside.value),
      sort: sort.value,
    })
    const heads = await getAll(`/api/v1/activities?${query}`)
    if (mine !== asked) return
    all.value = heads
    known.value = [...new Set([...known.value, ...heads.flatMap((head) => head.tags)])].sort()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(async () => {
  if (await needTeacher()) await load()
})
let waiting: ReturnType<typeof setTimeout> | undefined
watch(find, () => {
  clearTimeout(waiting)
  waiting = setTimeout(load, 200)
})
watch([tag, aside, sort], load)

const asking = computed(() => find.value.trim() !== '' || tag.value !== '')

function startNaming() {
  title.value = ''
  naming.value = true
}
async function create() {
  try {
    const made = await post('/api/v1/activities', {
      title: title.value.trim() || t('activities.new-activity'),
    })
    await router.push(`/activities/${made.id}/lay-out`)
  } catch (error) {
    naming.value = false
    wrong.value = errorText(error)
  }
}

async function does(what: () => Promise<unknown>) {
  wrong.value = ''
  try {
    await what()
  } catch (error) {
    wrong.value = errorText(error)
  }
  await load()
}
const at = (activity: ActivityHead) => `/api/v1/activities/${activity.id}` as const
const copy = (activity: ActivityHead) =>
  does(() =>
    post(`${at(activity)}/copies`, {
      title: t('activities.copy-title', { title: activity.title }).slice(0, 300),
    }),
  )
const archived = (activity: ActivityHead) =>
  does(() => put(`${at(activity)}/archived`, { archived: !activity.archived }))
const setTags = (activity: ActivityHead, tags: string[]) => does(() => put(`${at(activity)}/tags`, { tags }))
const remove = (activity: ActivityHead) =>
  does(async () => {
    await removeAt(at(activity))
    gone.value = activity
  })
const restore = () =>
  does(async () => {
    await post(`${at(gone.value!)}/restorations`)
    gone.value = null
  })
</script>

<template>
  <TeacherBar />
  <main class="room">
    <div class="head">
      <h1>{{ t('shared.activities') }}</h1>
      <el-input
        v-model="find"
        class="find"
        :placeholder="t('activities.find-by-name-tag-or-word')"
        :aria-label="t('activities.find-by-name-tag-or-word')"
        maxlength="300"
        clearable
      >
        <template #prefix><PhMagnifyingGlass :size="18" aria-hidden="true" /></template>
      </el-input>
      <div class="tags" role="group" :aria-label="t('activities.which')">
        <button :aria-pressed="!tag && !aside" @click="((tag = ''), (aside = false))">
          {{ t('activities.all') }}
        </button>
        <button
          v-for="one in known"
          :key="one"
          :aria-pressed="tag === one"
          @click="tag = tag === one ? '' : one"
        >
          {{ one }}
        </button>
        <button :aria-pressed="aside" @click="aside = !aside">{{ t('activities.archived') }}</button>
      </div>
      <select v-model="sort" class="sort" :aria-label="t('activities.order')">
        <option value="LATEST">{{ t('activities.changed-last') }}</option>
        <option value="NAME">{{ t('activities.by-name') }}</option>
        <option value="OLDEST">{{ t('activities.oldest-first') }}</option>
      </select>
      <button v-if="!looksOnly" class="btn acc new" @click="startNaming">
        <PhPlus :size="18" weight="bold" aria-hidden="true" />{{ t('activities.new-activity') }}
      </button>
    </div>
    <StarterStrip v-if="!looksOnly" class="starters" @start="starting = $event" />
    <p v-if="gone" class="gone" role="status">
      {{ t('activities.title-is-deleted', { title: gone.title }) }}
      <button class="btn" @click="restore">{{ t('shared.undo') }}</button>
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all === null" class="soft" role="status">{{ t('activities.fetching-your-activities') }}</p>
    <p v-else-if="all.length === 0 && asking" class="soft">
      {{ t('activities.no-activity-has-that-in-its') }}
    </p>
    <p v-else-if="all.length === 0 && aside" class="soft">{{ t('activities.nothing-is-archived') }}</p>
    <p v-else-if="all.length === 0 && looksOnly" class="soft">
      {{ t('activities.activities-are-made-by-teachers-what') }}
    </p>
    <p v-else-if="all.length === 0" class="soft">{{ t('activities.nothing-here-yet-start-with-new') }}</p>
    <ul class="cards">
      <ActivityCard
        v-for="activity in all ?? []"
        :key="activity.id"
        :activity="activity"
        @copy="copy(activity)"
        @aside="archived(activity)"
        @tags="setTags(activity, $event)"
        @remove="remove(activity)"
        @share="sharing = activity"
      />
    </ul>
    <el-dialog
      v-model="naming"
      :title="t('activities.new-activity')"
      width="420px"
      @opened="nameField?.focus()"
    >
      <form id="naming" @submit.prevent="create">
        <label
          >{{ t('shared.name')
          }}<el-input
            ref="nameField"
            v-model="title"
            maxlength="300"
            :placeholder="t('activities.night-sky-week')"
        /></label>
      </form>
      <template #footer>
        <button class="btn" @click="naming = false">{{ t('shared.cancel') }}</button>
        <button class="btn pri make" form="naming" type="submit">{{ t('shared.make-it') }}</button>
      </template>
    </el-dialog>
    <StarterDialog
      v-if="starting"
      :kind="starting"
      @close="starting = null"
      @made="router.push(`/activities/${$event}/lay-out`)"
    />
    <ShareDialog v-if="sharing" :activity="sharing" @close="((sharing = null), load())" />
  </main>
</template>

<style scoped>
.room {
  padding: 20px 26px 40px;
}
.starters {
  margin-bottom: 18px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-bottom: 20px;
}
.find {
  width: 310px;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.tags button {
  padding: 3px 9px;
  border: 0;
  border-radius: var(--tile-s);
  background: none;
  color: var(--soft);
  cursor: pointer;
}
.tags button[aria-pressed='true'] {
  background: var(--petrol-t);
  color: var(--petrol-d);
  font-weight: 700;
}
.sort {
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.new {
  margin-inline-start: auto;
}
.make {
  margin-inline-start: 10px;
}
.gone {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
  padding: 8px 14px;
  border-radius: var(--tile);
  background: var(--saffron-t);
  overflow-wrap: anywhere;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
