<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowLeft, PhFilePdf, PhPrinter } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { get, errorText } from '@/api/client'
import type { SheetView } from '@/api/schema'
import { needTeacher } from '@/accounts/me'
import TeacherBar from '@/accounts/TeacherBar.vue'
import { asDone } from '@/page/placedItems'
import PageView from '@/page/PageView.vue'
import PlacedMarks from '@/work/page/PlacedMarks.vue'

/** One student's sheet for those at home, with the pages as the student left them: looked at here, then printed. */
const props = defineProps<{ id: string; studentId: string }>()
const view = shallowRef<SheetView | null>(null)
const wrong = ref('')

/** Those on which there was something to do, or something was drawn. */
const pages = computed(() =>
  (view.value?.view.pages ?? []).filter((one) => one.placements > 0 || view.value!.state.own?.[one.id]),
)
const linesOf = (pageId: string) => view.value!.sheet.lines.filter((one) => one.pageId === pageId)
const drawn = (page: SheetView['view']['pages'][number]) =>
  asDone(page.items, view.value!.state, view.value!.sides)

onMounted(async () => {
  try {
    if (!(await needTeacher())) return
    view.value = await get(`/api/v1/assignments/${props.id}/students/${props.studentId}/sheet-pages`)
    // What is printed to a file is named by the title of the window.
    document.title = `${view.value.sheet.name}, ${view.value.sheet.title}`
  } catch (error) {
    wrong.value = errorText(error)
  }
})
const print = () => window.print()
</script>

<template>
  <TeacherBar class="screen-only" />
  <main class="room">
    <p class="screen-only ways">
      <RouterLink class="btn" :to="`/assigned/${id}/review`"
        ><PhArrowLeft class="mirrors" :size="18" aria-hidden="true" />{{ t('shared.to-review') }}</RouterLink
      >
      <button class="btn acc" :disabled="!view" @click="print">
        <PhPrinter :size="18" aria-hidden="true" />{{ t('shared.print') }}
      </button>
      <a class="btn" :href="`/api/v1/assignments/${id}/students/${studentId}/sheet`" download
        ><PhFilePdf :size="18" aria-hidden="true" />{{ t('review.without-pictures-as-pdf') }}</a
      >
    </p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <article v-if="view" class="paper">
      <h1>{{ view.sheet.name }}</h1>
      <p>{{ view.sheet.className }} · {{ view.sheet.title }}</p>
      <ul class="facts">
        <li v-for="fact in view.sheet.facts" :key="fact">{{ fact }}</li>
      </ul>
      <section v-if="view.sheet.words" class="words">
        <h2>{{ t('review.the-teacher-says') }}</h2>
        <p dir="auto">{{ view.sheet.words }}</p>
      </section>
      <section v-for="page in pages" :key="page.id" class="one">
        <h2>{{ page.name }}</h2>
        <PageView
          class="picture"
          :page="page"
          :drawn="drawn(page)"
          :ink="view.state.own?.[page.id]?.ink"
          :described="t('review.page-as-sheet-left-it', { page: page.name, sheet: view.sheet.name })"
        >
          <PlacedMarks :drawn="drawn(page)" :state="view.state" :page="page" />
        </PageView>
        <dl v-if="linesOf(page.id).length">
          <div v-for="(line, i) in linesOf(page.id)" :key="i">
            <dt>{{ line.name }}</dt>
            <dd>{{ line.how }}</dd>
          </div>
        </dl>
      </section>
    </article>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  gap: 14px;
  justify-content: center;
  padding: 18px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.paper {
  width: min(880px, 94vw);
  padding: 28px 34px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: #fff;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 10px 0;
  padding: 0;
  list-style: none;
  font-weight: 700;
}
.words p {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.one {
  display: grid;
  grid-template-columns: 58% 1fr;
  gap: 6px 20px;
  align-items: start;
  margin-top: 22px;
  break-inside: avoid;
}
.one h2 {
  grid-column: 1 / -1;
}
@media (max-width: 640px) {
  .one {
    grid-template-columns: 1fr;
  }
}
.picture {
  border: 1px solid var(--line);
  border-radius: 4px;
}
dl {
  display: grid;
  gap: 4px;
  margin: 0;
  font-size: 14px;
}
dl > div {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  overflow-wrap: anywhere;
}
dd {
  margin: 0;
  color: var(--soft);
}
@page {
  margin: 14mm;
}
@media print {
  :global(body) {
    background: #fff;
  }
  .room {
    padding: 0;
  }
  .screen-only {
    display: none !important;
  }
  .paper {
    width: auto;
    padding: 0;
    border: 0;
  }
}
</style>
