<script setup lang="ts">
import { t } from '@/i18n'
import { computed } from 'vue'
import type { Activity, PagesMap } from '@/api/schema'
import { numbered, linksOf } from '@/page/pageOrder'

/** The map as a plain table: each page, what leads on from it and what leads to it. */
const props = defineProps<{ activity: Activity; map: PagesMap; chosen: string | null }>()
const emit = defineEmits<{ choose: [pageId: string] }>()

const rows = computed(() =>
  props.activity.pages.map((page) => ({
    page,
    on: props.map.links.filter((way) => way.from === page.id),
    from: [...new Set(props.map.links.filter((way) => way.to === page.id).map((way) => way.from))],
    signs: [
      page.id === props.map.start ? t('workbench.sign-start') : '',
      props.map.ends.includes(page.id) ? t('workbench.sign-end') : '',
      linksOf(page).aside
        ? t('shared.is-archived')
        : props.map.met.includes(page.id)
          ? ''
          : t('workbench.never-seen'),
      props.map.passedByAll.includes(page.id) ? t('workbench.everyone-passes') : '',
    ].filter(Boolean),
  })),
)
</script>

<template>
  <div class="table">
    <table>
      <caption>
        {{
          t('workbench.how-pages-connect')
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ t('shared.page') }}</th>
          <th scope="col">{{ t('workbench.links-to') }}</th>
          <th scope="col">{{ t('workbench.linked-from') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ page, on, from, signs } in rows" :key="page.id" :class="{ here: chosen === page.id }">
          <th scope="row">
            <button class="btn" :aria-pressed="chosen === page.id" @click="emit('choose', page.id)">
              {{ numbered(activity.pages, page.id) }}
            </button>
            <span v-for="sign in signs" :key="sign" class="chip n">{{ sign }}</span>
          </th>
          <td>
            <ul v-if="on.length">
              <li v-for="(way, i) in on" :key="i">
                {{ numbered(activity.pages, way.to) }}
                <span class="by">{{ t('workbench.by-way', { way: way.name }) }}</span><em v-if="way.when">
                  {{ way.when }}</em
                >
              </li>
            </ul>
            <span v-else>{{ t('workbench.nowhere') }}</span>
          </td>
          <td>
            <ul v-if="from.length">
              <li v-for="id in from" :key="id">{{ numbered(activity.pages, id) }}</li>
            </ul>
            <span v-else>{{ t('workbench.nowhere') }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.table {
  position: absolute;
  inset: 0;
  padding: 18px 18px 70px;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: #fff;
}
caption {
  padding-bottom: 8px;
  font-weight: 700;
  text-align: start;
}
th,
td {
  padding: 7px 10px;
  border: 1px solid var(--line);
  text-align: start;
  vertical-align: top;
  overflow-wrap: anywhere;
}
tbody th {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  border: 0;
  border-bottom: 1px solid var(--line);
}
tr.here {
  background: var(--petrol-t);
}
ul {
  margin: 0;
  padding-inline-start: 16px;
}
.by {
  color: var(--soft);
}
</style>
