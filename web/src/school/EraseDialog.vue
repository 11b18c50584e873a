<script setup lang="ts">
import { t } from '@/i18n'
import { date } from '@/i18n/format'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { getAll, get, remove, errorText } from '@/api/client'
import type { ErasurePreview, KnownPerson, StaffMember } from '@/api/schema'

/** What an erasure does, shown before it is done. */
const props = defineProps<{ person: KnownPerson }>()
const emit = defineEmits<{ erased: []; close: [] }>()
const preview = shallowRef<ErasurePreview | null>(null)
const colleagues = shallowRef<StaffMember[]>([])
const kept = ref(14)
const to = ref('')
const typed = ref('')
const wrong = ref('')
const busy = ref(false)
const at = computed(() => `/api/v1/school/persons/${props.person.id}` as const)
const hands = computed(() => (preview.value?.handedOver.length ?? 0) > 0)
const ready = computed(() => typed.value.trim() === props.person.name && (!hands.value || to.value))
/** With one backup a night the last that still holds them goes then. */
const last = computed(() => date(new Date(Date.now() + kept.value * 86_400_000), 'long'))

onMounted(async () => {
  try {
    preview.value = await get(`${at.value}/erasure`)
    kept.value = (await get('/api/v1/school')).backupsKept
    if (hands.value)
      colleagues.value = (await getAll('/api/v1/school/people')).filter(
        (one) => one.id !== props.person.id && one.state !== 'DEACTIVATED' && one.role !== 'ASSISTANT',
      )
  } catch (error) {
    wrong.value = errorText(error)
  }
})
async function erase() {
  busy.value = true
  try {
    await remove(to.value ? `${at.value}?to=${to.value}` : at.value)
    emit('erased')
  } catch (error) {
    wrong.value = errorText(error)
  }
  busy.value = false
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('school.erase-person', { person: person.name })"
    width="560px"
    @close="emit('close')"
  >
    <form v-if="preview" class="erase" @submit.prevent="erase">
      <div v-if="preview.goes.length">
        <h3>{{ t('school.what-goes') }}</h3>
        <p>
          <span v-for="one in preview.goes" :key="one.title" class="held"
            >{{ one.title }}: {{ one.rows }}</span
          >
        </p>
      </div>
      <div v-if="preview.stays.length">
        <h3>{{ t('school.what-stays-without-telling-who-it') }}</h3>
        <p>
          <span v-for="one in preview.stays" :key="one.title" class="held"
            >{{ one.title }}: {{ one.rows }}</span
          >
        </p>
      </div>
      <div v-if="hands">
        <h3>{{ t('school.what-becomes-a-colleagues') }}</h3>
        <p>
          <span v-for="one in preview.handedOver" :key="one.title" class="held"
            >{{ one.title }}: {{ one.rows }}</span
          >
        </p>
        <el-select
          v-model="to"
          filterable
          :placeholder="t('school.choose-a-colleague')"
          :aria-label="t('school.choose-a-colleague')"
        >
          <el-option v-for="one in colleagues" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </div>
      <p>{{ t('school.it-cannot-be-undone-in-the', { kept, last }) }}</p>
      <label
        >{{ t('school.type-the-name-to-go-on')
        }}<el-input v-model="typed" :placeholder="person.name" autocomplete="off"
      /></label>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <div>
        <el-button type="danger" native-type="submit" :disabled="busy || !ready">{{
          t('school.erase-for-good')
        }}</el-button>
        <el-button @click="emit('close')">{{ t('shared.cancel') }}</el-button>
      </div>
    </form>
    <p v-else-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <el-skeleton v-else :rows="4" />
  </el-dialog>
</template>

<style scoped>
.erase {
  display: grid;
  gap: 14px;
}
h3 {
  margin: 0 0 4px;
  font-size: 15px;
}
.held {
  display: inline-block;
  margin: 0 6px 6px 0;
  padding: 3px 9px;
  border-radius: 7px 7px 7px 2px;
  background: #ebe6da;
}
label {
  display: grid;
  gap: 4px;
}
</style>
