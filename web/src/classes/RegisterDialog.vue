<script setup lang="ts">
import { t } from '@/i18n'
import { PhFilePdf, PhUploadSimple } from '@phosphor-icons/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { post, postForFile, errorText } from '@/api/client'
import type { IntakePreview, TakenClass } from '@/api/schema'
import { chosenAtFirst, intakeSaid, takeable } from './intake'
import { saveFile } from './saveFile'

/** Classes from the files of a school's register: what they would do first, then those that are chosen. */
const emit = defineEmits<{ taken: []; close: [] }>()
const dialog = ref<HTMLDialogElement>()
const files = shallowRef<File[]>([])
const preview = shallowRef<IntakePreview | null>(null)
const chosen = ref<string[]>([])
const taken = shallowRef<TakenClass[] | null>(null)
const wrong = ref('')
const busy = ref('')
onMounted(() => dialog.value?.showModal())

const classes = computed(() => preview.value?.intake.classes ?? [])
const asked = computed(() => taken.value?.reduce((sum, one) => sum + one.asked, 0) ?? 0)
const fresh = computed(() => taken.value?.reduce((sum, one) => sum + one.fresh.length, 0) ?? 0)

function form() {
  const all = new FormData()
  files.value.forEach((file) => all.append('files', file))
  return all
}
async function trying(doing: string, work: () => Promise<void>) {
  busy.value = doing
  wrong.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = errorText(error)
  } finally {
    busy.value = ''
  }
}
const look = (event: Event) =>
  trying(t('classes.reading'), async () => {
    files.value = [...((event.target as HTMLInputElement).files ?? [])]
    preview.value = null
    if (files.value.length === 0) return
    preview.value = await post('/api/v1/class-import-previews', form())
    chosen.value = chosenAtFirst(classes.value)
  })
const take = () =>
  trying(t('classes.taking-them-in'), async () => {
    const all = form()
    chosen.value.forEach((id) => all.append('classIds', id))
    taken.value = await post('/api/v1/class-imports', all)
    emit('taken')
  })
const cards = (one: TakenClass) =>
  trying(t('classes.making-cards'), async () => {
    const file = await postForFile(`/api/v1/classes/${one.id}/cards`, { studentIds: one.fresh })
    saveFile(file, t('classes.sign-in-cards-name-pdf', { name: one.name }))
  })
</script>

<template>
  <dialog ref="dialog" class="register" aria-labelledby="register-head" @close="emit('close')">
    <h1 id="register-head">{{ t('classes.import-classes') }}</h1>
    <template v-if="!taken">
      <p>{{ t('classes.the-oneroster-1-2-files-of') }}</p>
      <label class="btn file"
        ><PhUploadSimple :size="18" aria-hidden="true" />{{ t('shared.choose-files') }}
        <input
          class="unseen"
          type="file"
          multiple
          accept=".csv,.zip,text/csv,application/zip"
          @change="look"
        />
      </label>
      <span v-if="files.length" class="soft chosen">{{ files.map((file) => file.name).join(', ') }}</span>
      <p v-if="busy" role="status">{{ busy }}…</p>
      <template v-if="preview">
        <ul v-if="preview.intake.wrong.length" class="note" role="alert">
          <li v-for="one in preview.intake.wrong" :key="one">{{ one }}</li>
        </ul>
        <fieldset v-else class="all">
          <legend>
            {{ t('classes.count-in-the-register-those-with', { count: classes.length }) }}
          </legend>
          <label v-for="one in classes" :key="one.id" :class="{ off: !takeable(one) }">
            <input v-model="chosen" type="checkbox" :value="one.id" :disabled="!takeable(one)" />
            <span
              ><strong>{{ one.name }}</strong>
              <span v-if="!one.key" class="chip">{{ t('classes.new-class') }}</span><span class="soft">{{
                intakeSaid(one)
              }}</span></span
            >
          </label>
        </fieldset>
        <p v-for="one in preview.passedOver" :key="one" class="soft">{{ one }}</p>
      </template>
    </template>
    <template v-else>
      <p role="status">
        {{ t('classes.count-taken-in', { count: taken.length }) }}
        <template v-if="fresh">{{ t('classes.fresh-cannot-sign-in-yet-print', { fresh }) }}</template>
      </p>
      <p v-if="asked">
        {{
          asked === 1
            ? t('classes.one-student-is-in-a-colleagues')
            : t('classes.asked-students-are-in-a-colleagues', { asked })
        }}
      </p>
      <ul class="taken">
        <li v-for="one in taken" :key="one.id">
          <RouterLink :to="`/classes/${one.id}`"
            ><strong>{{ one.name }}</strong></RouterLink
          >
          <button v-if="one.fresh.length" class="btn" :disabled="Boolean(busy)" @click="cards(one)">
            <PhFilePdf :size="18" aria-hidden="true" />{{
              one.fresh.length === 1
                ? t('classes.a-card-for-the-new-student')
                : t('classes.cards-for-the-fresh-new-students', { fresh: one.fresh.length })
            }}
          </button>
        </li>
      </ul>
    </template>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button class="btn" @click="dialog?.close()">
        {{ taken ? t('shared.close') : t('shared.cancel') }}
      </button>
      <button
        v-if="!taken"
        class="btn pri"
        :disabled="chosen.length === 0 || !preview || Boolean(busy)"
        @click="take"
      >
        {{ chosen.length ? t('classes.take-in-count', { count: chosen.length }) : t('classes.take-them-in') }}
      </button>
    </div>
  </dialog>
</template>

<style scoped>
.register {
  width: 680px;
  max-width: 94vw;
  padding: 22px 26px;
  border: 1px solid var(--line);
  border-radius: 16px 16px 16px 4px;
  background: var(--paper);
  color: var(--ink);
}
.register::backdrop {
  background: #1f2d3380;
}
.file {
  display: inline-flex;
  margin: 10px 0;
}
.chosen {
  margin-inline-start: 10px;
}
.all {
  display: grid;
  gap: 4px;
  max-height: 42vh;
  margin: 10px 0;
  padding: 10px 12px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
}
.all label {
  display: flex;
  gap: 10px;
  align-items: start;
  padding: 4px 0;
  overflow-wrap: anywhere;
}
.all label > span > .soft {
  display: block;
}
.off {
  color: var(--soft);
}
.taken {
  display: grid;
  gap: 8px;
  max-height: 42vh;
  margin: 12px 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.taken a {
  color: var(--petrol);
}
.taken li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
}
.row {
  display: flex;
  gap: 10px;
  justify-content: flex-end;
  margin-top: 12px;
}
</style>
