<script setup lang="ts">
import { PhMagnifyingGlass, PhPlus } from '@phosphor-icons/vue'
import { computed, onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { get, post, said } from '@/api/client'
import type { ActivityHead } from '@/api/types'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { needTeacher } from '@/accounts/me'
import { count } from '@/page/count'
import PageView from '@/page/PageView.vue'

const all = ref<ActivityHead[] | null>(null)
const find = ref('')
const wrong = ref('')
const naming = ref(false)
const title = ref('')
const nameField = ref<{ focus(): void }>()
const router = useRouter()

const shown = computed(() => {
  const wanted = find.value.trim().toLowerCase()
  return (all.value ?? []).filter((activity) => activity.title.toLowerCase().includes(wanted))
})

onMounted(async () => {
  try {
    if (await needTeacher()) all.value = await get<ActivityHead[]>('/api/activities')
  } catch (error) {
    wrong.value = said(error)
  }
})

function startNaming() {
  title.value = ''
  naming.value = true
}

async function create() {
  try {
    const made = await post<{ id: string }>('/api/activities', {
      title: title.value.trim() || 'New activity',
    })
    await router.push(`/activities/${made.id}/lay-out`)
  } catch (error) {
    naming.value = false
    wrong.value = said(error)
  }
}
</script>

<template>
  <TeacherBar />
  <main class="room">
    <div class="head">
      <h1>Activities</h1>
      <el-input v-model="find" class="find" placeholder="Find by name" aria-label="Find by name" clearable>
        <template #prefix><PhMagnifyingGlass :size="18" aria-hidden="true" /></template>
      </el-input>
      <button class="btn acc new" @click="startNaming">
        <PhPlus :size="18" weight="bold" aria-hidden="true" />New activity
      </button>
    </div>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-else-if="all === null" class="soft" role="status">Fetching your activities</p>
    <p v-else-if="all.length === 0" class="soft">
      Nothing here yet. Start with New activity: give it a name, put a picture and a drop zone on its page.
    </p>
    <p v-else-if="shown.length === 0" class="soft">No activity has “{{ find }}” in its name.</p>
    <ul class="cards">
      <li v-for="activity in shown" :key="activity.id">
        <RouterLink class="card" :to="`/activities/${activity.id}/lay-out`">
          <PageView class="thumb" :page="activity.firstPage" :described="`First page of ${activity.title}`" />
          <span class="words">
            <strong>{{ activity.title }}</strong>
            <span class="soft"
              >{{ count(activity.pages, 'page') }} · {{ count(activity.placements, 'placement') }}</span
            >
          </span>
        </RouterLink>
      </li>
    </ul>
    <el-dialog v-model="naming" title="New activity" width="420px" @opened="nameField?.focus()">
      <form id="naming" @submit.prevent="create">
        <label
          >Name<el-input ref="nameField" v-model="title" maxlength="300" placeholder="Night-sky week"
        /></label>
      </form>
      <template #footer>
        <button class="btn" @click="naming = false">Cancel</button>
        <button class="btn pri make" form="naming" type="submit">Make it</button>
      </template>
    </el-dialog>
  </main>
</template>

<style scoped>
.room {
  padding: 20px 26px 40px;
}
.head {
  display: flex;
  align-items: center;
  gap: 14px;
  margin-bottom: 20px;
}
.find {
  width: 300px;
}
.new {
  margin-left: auto;
}
.make {
  margin-left: 10px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.card {
  display: block;
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  color: inherit;
  text-decoration: none;
  /* A thousand thumbnails: those out of sight cost nothing. */
  content-visibility: auto;
  contain-intrinsic-size: 270px 240px;
}
.card:hover {
  border-color: var(--petrol);
}
.thumb {
  border-bottom: 1px solid var(--line);
  pointer-events: none;
}
.words {
  display: grid;
  gap: 2px;
  padding: 11px 13px 13px;
}
.words strong {
  overflow-wrap: anywhere;
}
</style>
