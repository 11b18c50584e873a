<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhArchive,
  PhCopy,
  PhPresentation,
  PhDotsThree,
  PhShareNetwork,
  PhTag,
  PhTrash,
} from '@phosphor-icons/vue'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { ActivityHead } from '@/api/schema'
import PageView from '@/page/PageView.vue'

/** One activity on the shelf: its first page is its picture. */
const props = defineProps<{ activity: ActivityHead }>()
const emit = defineEmits<{ copy: []; aside: []; tags: [tags: string[]]; remove: []; share: [] }>()
const open = ref(false)
const tagging = ref(false)
const text = ref('')

function does(what: () => void) {
  open.value = false
  what()
}
function startTags() {
  text.value = props.activity.tags.join(', ')
  tagging.value = true
}
function keepTags() {
  tagging.value = false
  emit(
    'tags',
    text.value
      .split(',')
      .map((tag) => tag.trim().slice(0, 40))
      .filter(Boolean)
      .slice(0, 20),
  )
}
</script>

<template>
  <li class="card" @keydown.esc="open = false">
    <RouterLink class="open" :to="`/activities/${activity.id}/lay-out`">
      <PageView
        class="thumb"
        :page="activity.firstPage"
        :described="t('activities.first-page-of-title', { title: activity.title })"
      />
      <span class="words">
        <strong>{{ activity.title }}</strong>
        <span class="soft"
          >{{ t('shared.pages-count', { n: activity.pages }) }} ·
          {{ t('activities.placements-count', { n: activity.placements }) }}</span
        >
      </span>
    </RouterLink>
    <div class="foot">
      <span v-for="tag in activity.tags" :key="tag" class="chip n">{{ tag }}</span>
      <span v-if="activity.access !== 'OWN'" class="chip p">{{
        t('activities.owner-s-to-edit', {
          owner: activity.owner,
          edits: activity.access === 'EDIT' ? 'yes' : 'no',
        })
      }}</span>
      <span v-else-if="activity.sharedWith" class="chip p">{{
        t('activities.shared-with-count', { count: activity.sharedWith })
      }}</span>
      <RouterLink
        class="present"
        :to="`/present/${activity.id}`"
        :aria-label="t('activities.present-title', { title: activity.title })"
        ><PhPresentation :size="18" aria-hidden="true" />{{ t('shared.present') }}</RouterLink
      >
      <button
        class="more"
        :aria-label="t('activities.more-for-title', { title: activity.title })"
        :aria-expanded="open"
        @click="open = !open"
      >
        <PhDotsThree :size="22" weight="bold" aria-hidden="true" />
      </button>
    </div>
    <div v-if="open" class="menu" role="menu">
      <button role="menuitem" @click="does(() => emit('copy'))">
        <PhCopy :size="17" aria-hidden="true" />{{ t('shared.copy') }}
      </button>
      <button v-if="activity.access !== 'LOOK'" role="menuitem" @click="does(startTags)">
        <PhTag :size="17" aria-hidden="true" />{{ t('activities.tags') }}
      </button>
      <template v-if="activity.access === 'OWN'">
        <button role="menuitem" @click="does(() => emit('share'))">
          <PhShareNetwork :size="17" aria-hidden="true" />{{ t('activities.share-with-a-colleague') }}
        </button>
        <button role="menuitem" @click="does(() => emit('aside'))">
          <PhArchive :size="17" aria-hidden="true" />{{
            activity.archived ? t('shared.restore') : t('shared.archive')
          }}
        </button>
        <button role="menuitem" @click="does(() => emit('remove'))">
          <PhTrash :size="17" aria-hidden="true" />{{ t('shared.delete') }}
        </button>
      </template>
    </div>
    <form v-if="tagging" class="menu" @submit.prevent="keepTags">
      <label
        >{{ t('activities.tags-with-commas-between-them') }}
        <input v-model="text" maxlength="900" :placeholder="t('activities.year-4-sky')" autofocus />
      </label>
      <button class="btn pri">{{ t('shared.keep') }}</button>
      <button type="button" class="btn" @click="tagging = false">{{ t('shared.cancel') }}</button>
    </form>
  </li>
</template>

<style scoped>
.card {
  position: relative;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  /* A thousand thumbnails: those out of sight cost nothing. */
  content-visibility: auto;
  contain-intrinsic-size: 270px 270px;
}
.card:hover {
  border-color: var(--petrol);
}
.open {
  display: block;
  color: inherit;
  text-decoration: none;
}
.thumb {
  border-bottom: 1px solid var(--line);
  border-radius: 12px 12px 0 0;
  overflow: hidden;
  pointer-events: none;
}
.words {
  display: grid;
  gap: 2px;
  padding: 11px 13px 4px;
}
.words strong {
  overflow-wrap: anywhere;
}
.foot {
  display: flex;
  margin-top: -6px;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  min-height: 38px;
  padding: 0 13px 44px;
}
.present {
  position: absolute;
  bottom: 7px;
  inset-inline-start: 6px;
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
  padding: 2px 8px;
  border-radius: 8px 8px 8px 3px;
  color: var(--petrol-d);
  text-decoration: none;
}
.present:hover {
  background: var(--petrol-t);
}
.more {
  display: grid;
  place-items: center;
  position: absolute;
  inset-inline-end: 8px;
  bottom: 7px;
  width: 34px;
  height: 30px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--soft);
  cursor: pointer;
}
.more:hover,
.more[aria-expanded='true'] {
  background: var(--table);
}
.menu {
  position: absolute;
  inset-inline-end: 8px;
  bottom: 44px;
  z-index: 3;
  display: grid;
  gap: 2px;
  min-width: 210px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: var(--paper);
  box-shadow: 0 8px 26px #0003;
}
.menu > button[role='menuitem'] {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 7px 10px;
  border: 0;
  border-radius: 6px;
  background: none;
  cursor: pointer;
  text-align: start;
}
.menu > button:hover {
  background: var(--petrol-t);
}
.menu label {
  display: grid;
  gap: 4px;
  font-size: 14px;
}
.menu input {
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
</style>
