<script setup lang="ts">
import { t } from '@/i18n'
import { computed, onMounted, ref } from 'vue'
import { get, put, errorText } from '@/api/client'
import type { Offer } from '@/api/schema'

/** The link by which colleagues take a copy of an activity: made, copied, ended. */
const props = defineProps<{ activityId: string }>()
const at = computed(() => `/api/v1/activities/${props.activityId}/template` as const)
const offer = ref<Offer | null>(null)
const wrong = ref('')
const told = ref('')
const link = computed(() => (offer.value?.code ? `${location.origin}/copies/${offer.value.code}` : ''))

async function ask(how: () => Promise<Offer>) {
  wrong.value = told.value = ''
  try {
    offer.value = await how()
  } catch (error) {
    wrong.value = errorText(error)
  }
}
onMounted(() => ask(() => get(at.value)))
const set = (offered: boolean) => ask(() => put(at.value, { offered }))
async function copy() {
  try {
    await navigator.clipboard.writeText(link.value)
    told.value = t('shared.the-link-is-copied')
  } catch {
    // Without leave, or on a page that is not secure, it is marked for Ctrl+C.
    field.value?.select()
    told.value = t('activities.press-ctrl-c-to-copy-the')
  }
}
const field = ref<HTMLInputElement>()
</script>

<template>
  <section class="copy-link" aria-labelledby="copy-link-title">
    <h3 id="copy-link-title">{{ t('activities.as-a-copy-for-others') }}</h3>
    <p class="soft">{{ t('activities.every-teacher-of-your-school-who') }}</p>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <button v-if="offer && !link" class="btn" @click="set(true)">{{ t('activities.make-a-link') }}</button>
    <template v-if="link">
      <input ref="field" class="link" readonly :value="link" :aria-label="t('activities.link-for-a-copy')" />
      <p class="row">
        <button class="btn" @click="copy">{{ t('activities.copy-the-link') }}</button>
        <button class="btn" @click="set(false)">{{ t('activities.end-the-link') }}</button>
        <span role="status">{{ told }}</span>
      </p>
    </template>
  </section>
</template>

<style scoped>
.copy-link {
  display: grid;
  gap: 8px;
  margin-top: 18px;
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
h3,
p {
  margin: 0;
}
.link {
  width: 100%;
  padding: 7px 9px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: #fff;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
