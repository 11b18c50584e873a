<script setup lang="ts">
import { t } from '@/i18n'
import { PhCheckFat, PhMagnifyingGlass } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Activity, CheckedPages, Edit } from '@/api/schema'

/** What would trip students up, each with ways to mend it; of this page first. */
const props = defineProps<{
  checked: CheckedPages | null
  failed: boolean
  activity: Activity
  pageId: string
}>()
const emit = defineEmits<{ mend: [edit: Edit]; jump: [pageId: string, itemIds: string[]] }>()

const findings = computed(() => {
  const all = props.checked?.findings ?? []
  return [
    ...all.filter((one) => one.pageId === props.pageId),
    ...all.filter((one) => one.pageId !== props.pageId),
  ]
})
/** The first of them: with each that is mended the next one comes. */
const SHOWN = 40
const pageName = (id: string) => {
  const index = props.activity.pages.findIndex((page) => page.id === id)
  return index < 0 ? '' : `${index + 1} · ${props.activity.pages[index]!.name}`
}
</script>

<template>
  <section class="check" :aria-label="t('workbench.page-check')" data-region-start>
    <div class="head">
      <h2>{{ t('workbench.page-check') }}</h2>
      <p v-if="failed" role="status">{{ t('workbench.could-not-look-just-now-it') }}</p>
      <p v-else-if="checked" role="status">
        {{
          t('workbench.check-says', {
            any: checked.total ? 'yes' : 'no',
            found: checked.total,
            passed: checked.passed,
          })
        }}
      </p>
    </div>
    <ul v-if="findings.length">
      <li v-for="one in findings.slice(0, SHOWN)" :key="`${one.name} ${one.pageId}`">
        <p class="what">
          <span class="chip w">{{ one.title }}</span>
          <span v-if="one.pageId !== pageId" class="chip n">{{ pageName(one.pageId) }}</span>
          <button class="btn quiet go" @click="emit('jump', one.pageId, one.itemIds)">
            <PhMagnifyingGlass :size="16" aria-hidden="true" />{{ t('workbench.show') }}
          </button>
        </p>
        <p class="words">{{ one.words }}</p>
        <p class="mends">
          <button v-for="mend in one.mends" :key="mend.label" class="mend" @click="emit('mend', mend.edit)">
            {{ mend.label }}
          </button>
        </p>
      </li>
      <li v-if="findings.length > SHOWN" class="more">
        {{ t('workbench.more-come-here', { n: findings.length - SHOWN }) }}
      </li>
    </ul>
    <p v-else-if="checked" class="fine">
      <PhCheckFat :size="20" weight="fill" aria-hidden="true" />{{ t('workbench.every-page-can-be-done') }}
    </p>
  </section>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 12px;
  min-height: 58px;
  max-height: 132px;
  padding: 10px 18px;
  border-top: 1px solid var(--line);
  background: #e3dccb;
}
.head p {
  color: #4a585e;
  font-size: 13px;
}
ul {
  display: flex;
  gap: 12px;
  margin: 0;
  padding: 2px;
  overflow-x: auto;
  list-style: none;
}
li {
  flex: 1 0 330px;
  max-width: 560px;
  padding: 8px 12px;
  max-height: 108px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  /* Of hundreds only those in sight are laid out. */
  content-visibility: auto;
  contain-intrinsic-size: 360px 96px;
}
.more {
  flex: 0 0 200px;
  color: var(--soft);
}
.what {
  display: flex;
  gap: 6px;
  align-items: center;
}
.go {
  min-height: 26px;
  margin-inline-start: auto;
  padding: 1px 8px;
  font-size: 13px;
}
.words {
  margin: 3px 0;
  font-size: 14px;
  line-height: 1.3;
  overflow-wrap: anywhere;
}
.mends {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.mend {
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--petrol-d);
  cursor: pointer;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.fine {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--petrol-d);
}
</style>
