<script setup lang="ts">
import { computed, ref } from 'vue'
import { post, said } from '@/api/client'
import type { StaffMember } from '@/api/schema'
import { count } from '@/page/count'

/** All activities and classes of somebody become a colleague's. */
const props = defineProps<{ from: StaffMember; people: StaffMember[] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const to = ref('')
const wrong = ref('')
const told = ref('')
const busy = ref(false)
const others = computed(() =>
  props.people.filter(
    (one) => one.id !== props.from.id && one.state !== 'DEACTIVATED' && one.role !== 'ASSISTANT',
  ),
)
async function hand() {
  busy.value = true
  wrong.value = ''
  try {
    const made = await post(`/api/v1/school/people/${props.from.id}/hand-overs`, { to: to.value })
    const name = others.value.find((one) => one.id === to.value)!.name
    told.value = `${name} has ${count(made.activities, 'more activity', 'more activities')} and ${count(made.classes, 'more class', 'more classes')}.`
  } catch (error) {
    wrong.value = said(error)
  }
  busy.value = false
}
const close = () => (told.value ? emit('done') : emit('close'))
</script>

<template>
  <el-dialog :model-value="true" :title="`Hand over the work of ${from.name}`" width="480px" @close="close">
    <div class="hand">
      <template v-if="!told">
        <p>
          All activities and classes of {{ from.name }} become a colleague's. Lessons and recordings stay
          theirs.
        </p>
        <el-select v-model="to" filterable placeholder="To whom" aria-label="To whom">
          <el-option v-for="one in others" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </template>
      <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
      <p role="status">{{ told }}</p>
      <div>
        <el-button v-if="!told" type="primary" :disabled="busy || !to" @click="hand">Hand over</el-button>
        <el-button @click="close">{{ told ? 'Close' : 'Cancel' }}</el-button>
      </div>
    </div>
  </el-dialog>
</template>

<style scoped>
.hand {
  display: grid;
  gap: 12px;
}
</style>
