<script setup lang="ts">
import { t } from '@/i18n'
import { PhArrowLeft, PhArrowRight } from '@phosphor-icons/vue'
import { computed, nextTick, onMounted, ref } from 'vue'
import { SECRET_LENGTH, SECRET_PICTURES } from '@/shared/secretPictures'

/** A student says who they are: four numbers, or three pictures in their order. */
const props = defineProps<{ pictures: boolean; wrong: string; busy: boolean; leave: string }>()
const emit = defineEmits<{ enter: [secret: string]; leave: [] }>()
const secret = ref('')
const field = ref<HTMLInputElement>()
const head = ref<HTMLElement>()

onMounted(() => (props.pictures ? head.value : field.value)?.focus())
defineExpose({
  /** After a wrong one: from the beginning. */
  async clear() {
    secret.value = ''
    await nextTick()
    field.value?.focus()
  },
})

/** Pictures in the order in which they were tapped. */
const chosen = computed(() => secret.value.split('-').filter(Boolean))
function tap(picture: string) {
  secret.value = chosen.value.includes(picture)
    ? chosen.value.filter((one) => one !== picture).join('-')
    : [...chosen.value, picture].join('-')
  if (chosen.value.length === SECRET_LENGTH) emit('enter', secret.value)
}
</script>

<template>
  <form class="secret" @submit.prevent="emit('enter', secret)">
    <template v-if="pictures">
      <p ref="head" tabindex="-1">{{ t('join.pictures.head') }}</p>
      <ol class="pictures" :aria-label="t('join.pictures.label')">
        <li v-for="one in SECRET_PICTURES" :key="one.name">
          <button
            type="button"
            class="picture"
            :class="{ on: chosen.includes(one.name) }"
            :aria-pressed="chosen.includes(one.name)"
            :aria-label="t(`picture.${one.name}`)"
            @click="tap(one.name)"
          >
            <component :is="one.icon" :size="44" weight="duotone" aria-hidden="true" />
            <b v-if="chosen.includes(one.name)">{{ chosen.indexOf(one.name) + 1 }}</b>
          </button>
        </li>
      </ol>
    </template>
    <template v-else>
      <label for="pin">{{ t('join.pin') }}</label>
      <input
        id="pin"
        ref="field"
        v-model="secret"
        class="code"
        type="password"
        inputmode="numeric"
        maxlength="4"
        autocomplete="off"
      />
    </template>
    <p v-if="wrong" class="note" role="alert">{{ wrong }}</p>
    <div class="row">
      <button type="button" class="btn big" @click="emit('leave')">
        <PhArrowLeft class="mirrors" :size="22" aria-hidden="true" />{{ leave }}
      </button>
      <button v-if="!pictures" class="btn pri big" :disabled="busy || secret.length < 4">
        {{ t('join.come-in') }}<PhArrowRight class="mirrors" :size="22" aria-hidden="true" />
      </button>
    </div>
  </form>
</template>

<style scoped>
.secret {
  display: grid;
  gap: 16px;
}
.code {
  width: 100%;
  padding: 10px 16px;
  border: 2px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  font-size: 30px;
  letter-spacing: 6px;
  text-align: center;
}
.pictures {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.picture {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  aspect-ratio: 1;
  border: 2px solid #cfc6b4;
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
  color: var(--petrol-d);
  cursor: pointer;
}
.picture.on {
  border-color: var(--petrol);
  background: var(--petrol-t);
}
.picture b {
  position: absolute;
  top: 4px;
  inset-inline-end: 8px;
  font-size: 20px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 12px;
}
</style>
