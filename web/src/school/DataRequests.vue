<script setup lang="ts">
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
  notifyDone('Erased. Nothing here tells of them any more.')
}
const who = (one: KnownPerson) =>
  one.classes.length ? `${roleName(one.role)} · ${one.classes.join(', ')}` : roleName(one.role)
</script>

<template>
  <section class="requests">
    <h2>Data of a person</h2>
    <p class="soft">
      For parents or teachers who ask what is kept about them, and for whoever leaves and wants nothing kept.
    </p>
    <form class="row" @submit.prevent="look">
      <el-input
        v-model="words"
        maxlength="100"
        placeholder="Find a student or teacher by name"
        aria-label="Find a student or teacher by name"
      />
      <el-button native-type="submit" :disabled="!words.trim()">Find</el-button>
    </form>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <p v-if="looked && !found.length">Nobody of that name.</p>
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
            :aria-label="`Save all data of ${one.name}`"
            >Save all data</a
          >
          <el-button :aria-label="`Erase ${one.name}`" @click="erasing = one">Erase…</el-button>
        </span>
      </li>
    </ul>
    <p v-if="found.length === 50" class="soft">Only the first fifty are shown. Type more of the name.</p>
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
