<script setup lang="ts">
import { t } from '@/i18n'
import { computed, ref, watch } from 'vue'
import { post, errorText } from '@/api/client'
import type { Gap, Typed, TypedKey, TypedRule } from '@/api/schema'
import { itemName } from '@/page/names'
import { termsOf } from '@/workbench/edits/answerKey'
import DraftField from '@/workbench/panels/DraftField.vue'
import type { Deciding } from './deciding'
import GapNumberFields from './GapNumberFields.vue'
import RepliesFields from './RepliesFields.vue'

/** What is right in a gap that is typed into, with a field to try answers in. */
const props = defineProps<{ deciding: Deciding; gap: Gap }>()
const typed = computed<TypedKey | undefined>(() => props.deciding.key.value.typed?.[props.gap.id])
const rule = computed(() => typed.value?.rule)
const wrong = ref('')
const language = computed(() => termsOf(props.deciding.key.value).language)

const NEW: Record<TypedRule['kind'], () => TypedRule | null> = {
  text: () => null,
  number: () => ({
    kind: 'number',
    value: 0,
    tolerance: 0,
    relative: false,
    notations: ['POINT', 'COMMA'],
    converts: false,
  }),
  maths: () => null,
  pattern: () => null,
}
const kind = ref<TypedRule['kind']>(rule.value?.kind ?? 'text')
watch(
  () => [props.gap.id, rule.value?.kind] as const,
  ([id, now], [was]) => {
    if (now) kind.value = now
    else if (id !== was) kind.value = 'text'
  },
)

function setKey(change: Partial<TypedKey>) {
  const { timing, replies, tries, worth } = { ...typed.value, ...change }
  const next = change.rule ?? rule.value
  if (!next) return
  props.deciding.setTyped(props.gap.id, {
    rule: next,
    ...(timing && timing !== 'AT_ONCE' ? { timing } : {}),
    ...(replies && Object.keys(replies).length ? { replies } : {}),
    ...(tries ? { tries } : {}),
    ...(worth !== undefined && worth !== null ? { worth } : {}),
  })
}
function setKind(to: TypedRule['kind']) {
  kind.value = to
  const made = NEW[to]()
  if (made && rule.value?.kind !== to) setKey({ rule: made })
}

const COUNTS = [
  ['CASE', t('workbench.case-capitals')],
  ['ACCENTS', t('workbench.accents-accents')],
  ['SPACES', t('workbench.spaces-spaces')],
  ['PUNCTUATION', t('workbench.punctuation-punctuation')],
  ['WIDTH', t('workbench.width-of-letters')],
] as const
const text = computed(() => (rule.value?.kind === 'text' ? rule.value : null))
const number = computed(() => (rule.value?.kind === 'number' ? rule.value : null))
function setAlternatives(written: string) {
  const alternatives = [...new Set(written.split('\n').map((one) => one.trim()))]
    .filter(Boolean)
    .slice(0, 100)
  if (alternatives.length) setKey({ rule: { kind: 'text', alternatives, counts: text.value?.counts ?? [] } })
  else props.deciding.setTyped(props.gap.id, null)
}
function toggle<T>(all: readonly T[], one: T, on: boolean): T[] {
  return on ? [...all, one] : all.filter((other) => other !== one)
}
/** A rule that cannot be read is refused by the server before it is set. */
async function setRead(made: TypedRule, written: string) {
  wrong.value = ''
  if (!written.trim()) {
    props.deciding.setTyped(props.gap.id, null)
    return
  }
  try {
    await post('/api/v1/typed-trials', { rule: made, answer: '1', language: language.value })
    setKey({ rule: made })
  } catch (error) {
    wrong.value = errorText(error)
  }
}
const answer = ref('')
const found = ref<Typed | null>(null)
watch([answer, rule], async () => {
  const asked = answer.value
  if (!rule.value || !asked) {
    found.value = null
    return
  }
  try {
    const one = await post('/api/v1/typed-trials', {
      rule: rule.value,
      answer: asked,
      language: language.value,
    })
    if (asked === answer.value) found.value = one
  } catch (error) {
    wrong.value = errorText(error)
  }
})
const FOUND = {
  TAKEN: t('workbench.taken'),
  NOT_TAKEN: t('workbench.not-taken'),
  CANNOT_DECIDE: t('workbench.cannot-be-decided'),
}
const value = (event: Event) => (event.target as HTMLSelectElement).value
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <section :aria-label="t('workbench.what-is-right-in-gap', { gap: itemName(gap) })">
    <h3>{{ itemName(gap) }}</h3>
    <label
      >{{ t('workbench.what-is-right') }}
      <select :value="kind" @change="setKind(value($event) as TypedRule['kind'])">
        <option value="text">{{ t('workbench.words') }}</option>
        <option value="number">{{ t('workbench.a-number') }}</option>
        <option value="maths">{{ t('workbench.the-same-in-mathematics') }}</option>
        <option value="pattern">{{ t('workbench.a-pattern-for-the-expert') }}</option>
      </select></label
    >
    <label
      >{{ t('workbench.checked') }}
      <select
        :value="typed?.timing ?? 'AT_ONCE'"
        :disabled="!rule"
        @change="setKey({ timing: value($event) as TypedKey['timing'] })"
      >
        <option value="AT_ONCE">{{ t('workbench.at-once') }}</option>
        <option value="ON_CHECK">{{ t('workbench.with-check') }}</option>
        <option value="ON_HAND_IN">{{ t('workbench.on-hand-in') }}</option>
      </select></label
    >
    <template v-if="kind === 'text'">
      <label class="wide"
        >{{ t('workbench.right-answers-one-a-line') }}
        <textarea
          :key="gap.id"
          rows="3"
          :value="text?.alternatives.join('\n') ?? ''"
          @change="setAlternatives(($event.target as HTMLTextAreaElement).value)"
        />
      </label>
      <h4>{{ t('workbench.what-counts') }}</h4>
      <p class="buttons">
        <label v-for="[name, shown] in COUNTS" :key="name" class="line"
          ><input
            type="checkbox"
            :disabled="!text"
            :checked="Boolean(text?.counts.includes(name))"
            @change="setKey({ rule: { ...text!, counts: toggle(text!.counts, name, checked($event)) } })"
          />{{ shown }}</label
        >
      </p>
    </template>
    <GapNumberFields
      v-else-if="kind === 'number' && number"
      :id="gap.id"
      :number="number"
      @set="setKey({ rule: $event })"
      @unit="setRead($event, t('workbench.a-unit'))"
    />
    <label v-else-if="kind === 'maths'" class="wide"
      >{{ t('workbench.expression-or-equation') }}
      <DraftField
        :key="`m${gap.id}`"
        maxlength="1000"
        placeholder="2(x+1)"
        :value="rule?.kind === 'maths' ? rule.expression : ''"
        @commit="setRead({ kind: 'maths', expression: $event }, $event)"
    /></label>
    <label v-else class="wide"
      >{{ t('workbench.pattern') }}
      <DraftField
        :key="`r${gap.id}`"
        maxlength="1000"
        placeholder="[A-Z][a-z]+"
        :value="rule?.kind === 'pattern' ? rule.pattern : ''"
        @commit="setRead({ kind: 'pattern', pattern: $event }, $event)"
    /></label>
    <p v-if="wrong" class="note wide" role="alert">{{ wrong }}</p>
    <label class="wide"
      >{{ t('workbench.try-an-answer') }}
      <input
        v-model="answer"
        maxlength="1000"
        :placeholder="t('workbench.what-a-student-might-type')"
        :disabled="!rule"
      />
    </label>
    <p class="wide found" role="status" :class="found?.says.toLowerCase()">
      <template v-if="found"
        ><strong>{{ FOUND[found.says] }}.</strong> {{ found.why }}</template
      >
    </p>
    <label
      >{{ t('workbench.tries') }}
      <DraftField
        :key="`y${gap.id}`"
        type="number"
        min="1"
        max="100"
        :placeholder="t('workbench.no-limit')"
        :value="typed?.tries ?? ''"
        @commit="setKey({ tries: Math.max(0, Math.min(100, Math.round(Number($event)))) || undefined })"
    /></label>
    <label
      >{{ t('shared.points') }}
      <DraftField
        :key="`p${gap.id}`"
        type="number"
        min="0"
        max="1000"
        :placeholder="t('workbench.as-set-for-the-page')"
        :value="typed?.worth ?? ''"
        @commit="
          setKey({
            worth: $event.trim() === '' ? undefined : Math.max(0, Math.min(1000, Math.round(Number($event)))),
          })
        "
    /></label>
    <RepliesFields v-if="rule" :replies="typed?.replies" :of="gap.id" @set="setKey({ replies: $event })" />
  </section>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.found {
  min-height: 22px;
  font-size: 14px;
}
.taken {
  color: var(--petrol-d);
}
.not_taken {
  color: #7c2c19;
}
</style>
