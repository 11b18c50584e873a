<script setup lang="ts">
import { t } from '@/i18n'
import { ref, shallowRef } from 'vue'
import { getAll, errorText } from '@/api/client'
import type { KnownPerson } from '@/api/schema'
import { notifyDone } from '@/shared/notify'
import EraseDialog from './EraseDialog.vue'
import { roleName } from './roles'

/** What is known of somebody: saved for them, or erased. */
const words = ref('')
const found = shallowRef<KnownPerson[]>([])
const looked = ref('')
const wrong = ref('')
const erasing = shallowRef<KnownPerson | null>(null)

async function look() {
  wrong.value = ''
  const named = words.value.trim()
  if (!named) return
  try {
    found.value = await getAll(`/api/v1/school/persons?named=${encodeURIComponent(named)}`)
    looked.value = named
  } catch (error) {
    wrong.value = errorText(error)
  }
}
function erased(one: KnownPerson) {
  erasing.value = null
  found.value = found.value.filter((each) => each.id !== one.id)
  looked.value = ''
  notifyDone(t('school.erased-nothing-here-tells-of-them'))
}
const who = (one: KnownPerson) =>
  one.classes.length ? `${roleName(one.role)} · ${one.classes.join(', ')}` : roleName(one.role)
</script>

<template>
  <section class="requests">
    <h2>{{ t('school.data-of-a-person') }}</h2>
    <p class="soft">{{ t('school.for-parents-or-teachers-who-ask') }}</p>
    <form class="row" @submit.prevent="look">
      <el-input
        v-model="words"
        maxlength="100"
        :placeholder="t('school.find-a-student-or-teacher-by')"
        :aria-label="t('school.find-a-student-or-teacher-by')"
      />
      <el-button native-type="submit" :disabled="!words.trim()">{{ t('school.find') }}</el-button>
    </form>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="looked && !found.length">{{ t('school.nobody-of-that-name') }}</p>
    <ul v-if="found.length">
      <li v-for="one in found" :key="one.id">
        <span
          ><strong dir="auto">{{ one.name }}</strong
          ><br /><span class="soft">{{ who(one) }}</span></span
        >
        <span class="row">
          <a
            class="btn"
            :href="`/api/v1/school/persons/${one.id}/archive`"
            download
            :aria-label="t('school.save-all-data-of-name', { name: one.name })"
            >{{ t('school.save-all-data') }}</a
          >
          <el-button :aria-label="t('school.erase-name', { name: one.name })" @click="erasing = one">{{
            t('school.erase')
          }}</el-button>
        </span>
      </li>
    </ul>
    <p v-if="found.length === 50" class="soft">{{ t('school.only-the-first-fifty-are-shown') }}</p>
    <EraseDialog v-if="erasing" :person="erasing" @erased="erased(erasing)" @close="erasing = null" />
  </section>
</template>

<style scoped>
.requests {
  display: grid;
  gap: 12px;
  justify-items: start;
  width: 100%;
}
.row {
  display: flex;
  gap: 10px;
  align-items: center;
}
form.row {
  width: min(440px, 100%);
}
ul {
  display: grid;
  gap: 8px;
  width: 100%;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  justify-content: space-between;
  align-items: center;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px 10px 10px 3px;
  overflow-wrap: anywhere;
}
</style>
