<script setup lang="ts">
import { t } from '@/i18n'
import { dateTime } from '@/i18n/format'
import { PhArrowUUpLeft, PhBookmarkSimple, PhX } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { get, put, errorText } from '@/api/client'
import type { Activity, History } from '@/api/schema'
import PageView from '@/page/PageView.vue'
import type { Editing } from '@/workbench/edits/editing'

/** The history of an activity: a slider over time with the page as it was, moments with names, and bringing one back. */
const props = defineProps<{ editing: Editing; pageId: string }>()
const emit = defineEmits<{ close: [] }>()

const history = shallowRef<History | null>(null)
const at = ref(0)
const then = shallowRef<Activity | null>(null)
const wrong = ref('')
const name = ref('')
let asked = 0

async function load(upTo?: number) {
  const address = `/api/v1/activities/${props.editing.id}/history` as const
  history.value = await get(upTo === undefined ? address : `${address}?upTo=${upTo}`)
}
onMounted(async () => {
  try {
    await props.editing.flush()
    await load()
    at.value = history.value!.newest
  } catch (error) {
    wrong.value = errorText(error)
  }
})

const steps = computed(() => history.value?.steps ?? [])
const step = computed(() => steps.value.find((one) => one.seq === at.value) ?? null)
const page = computed(
  () => then.value?.pages.find((one) => one.id === props.pageId) ?? then.value?.pages[0] ?? null,
)

watch(at, async (seq) => {
  const mine = ++asked
  try {
    const known = steps.value.some((one) => one.seq === seq)
    const [activity] = await Promise.all([
      get(`/api/v1/activities/${props.editing.id}/history/${seq}`),
      known || seq === 0 ? null : load(Math.min(seq + 100, history.value?.newest ?? seq)),
    ])
    if (mine === asked) then.value = activity
  } catch (error) {
    wrong.value = errorText(error)
  }
})

async function keepName() {
  try {
    await put(`/api/v1/activities/${props.editing.id}/history/names`, { seq: at.value, name: name.value })
    name.value = ''
    await load()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
async function restore() {
  await props.editing.restore(at.value)
  emit('close')
}
const when = (time: string) => dateTime(new Date(time))
</script>

<template>
  <div class="history" role="dialog" :aria-label="t('workbench.history')">
    <div class="top">
      <h2>{{ t('workbench.history') }}</h2>
      <button class="btn quiet" :aria-label="t('workbench.close-the-history')" @click="emit('close')">
        <PhX :size="20" aria-hidden="true" />
      </button>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <template v-if="history">
      <div class="left">
        <div class="sheet">
          <PageView
            v-if="page"
            :page="page"
            :described="t('workbench.page-as-it-was', { page: page.name })"
          />
        </div>
        <label class="slide"
          >{{ t('workbench.moment-of', { n: at, newest: history.newest }) }}
          <input v-model.number="at" type="range" min="0" :max="history.newest" />
        </label>
        <p class="told" role="status">
          <template v-if="step">
            <strong>{{ step.told }}</strong> · {{ step.author }} · {{ when(step.at) }}
            <span v-if="step.kind !== 'plain'" class="chip n">{{ step.kind }}</span>
            <span v-if="step.named" class="chip p">{{ step.named }}</span>
          </template>
          <template v-else-if="at === 0">{{ t('workbench.as-it-began') }}</template>
        </p>
        <form class="row" @submit.prevent="keepName">
          <input
            v-model="name"
            class="in"
            maxlength="300"
            :placeholder="t('workbench.a-name-for-this-version')"
            :aria-label="t('workbench.a-name-for-this-version')"
          />
          <button class="btn" :disabled="!name.trim() || !editing.mayEdit">
            <PhBookmarkSimple :size="17" aria-hidden="true" />{{ t('workbench.name-this-version') }}
          </button>
          <button
            type="button"
            class="btn acc"
            :disabled="at === history.newest || !editing.mayEdit"
            @click="restore"
          >
            <PhArrowUUpLeft :size="17" aria-hidden="true" />{{ t('workbench.restore-this-version') }}
          </button>
        </form>
      </div>
      <div class="right">
        <template v-if="history.versions.length">
          <h3>{{ t('workbench.named-versions') }}</h3>
          <ul>
            <li v-for="one in history.versions" :key="one.seq">
              <button :aria-current="one.seq === at || undefined" @click="at = one.seq">
                <strong>{{ one.name }}</strong>
                <span class="soft">{{ t('workbench.moment-seq', { seq: one.seq }) }}</span>
              </button>
            </li>
          </ul>
        </template>
        <h3>{{ t('workbench.what-was-done') }}</h3>
        <ul class="steps" tabindex="0" :aria-label="t('workbench.what-was-done')">
          <li v-for="one in steps" :key="one.seq">
            <button :aria-current="one.seq === at || undefined" @click="at = one.seq">
              <span>{{ one.told }}</span>
              <span class="soft">{{ one.author }} · {{ when(one.at) }}</span>
            </button>
          </li>
        </ul>
        <button
          v-if="steps.length && steps[steps.length - 1]!.seq > 1"
          class="btn"
          @click="load(steps[steps.length - 1]!.seq - 1)"
        >
          {{ t('workbench.earlier') }}
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.history {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 8px 18px;
  padding: 12px 20px 18px;
  min-height: 0;
  background: var(--table);
}
.top {
  display: flex;
  grid-column: 1 / -1;
  justify-content: space-between;
  align-items: center;
}
.left {
  display: grid;
  gap: 10px;
  align-content: start;
  min-height: 0;
}
.sheet {
  /* As large as the page that comes: nothing jumps when it is there. */
  width: min(100%, calc((100vh - 300px) * 1.6));
  aspect-ratio: 1.6;
  margin: 0 auto;
  box-shadow: 0 6px 24px #0000001f;
}
.slide {
  display: grid;
  gap: 4px;
}
.slide input {
  width: 100%;
  accent-color: var(--petrol);
}
.told {
  min-height: 24px;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.in {
  flex: 1;
  min-width: 160px;
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.right {
  display: grid;
  gap: 8px;
  grid-template-rows: auto;
  align-content: start;
  min-height: 0;
  overflow-y: auto;
}
ul {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li button {
  display: grid;
  width: 100%;
  padding: 6px 10px;
  border: 1px solid var(--line);
  border-radius: var(--tile-s);
  background: #fff;
  cursor: pointer;
  font-size: 14px;
  overflow-wrap: anywhere;
  text-align: start;
}
li button[aria-current] {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
</style>
