<script setup lang="ts">
import { t } from '@/i18n'
import { fullDateTime } from '@/i18n/format'
import { computed, ref } from 'vue'
import type { PersonLink } from '@/api/schema'
import { notifyDone } from '@/shared/notify'

/** A link that is shown this once. */
const props = defineProps<{ name: string; made: PersonLink }>()
const emit = defineEmits<{ close: [] }>()
const words = ref('')
async function copy() {
  try {
    await navigator.clipboard.writeText(props.made.address)
    words.value = ''
    notifyDone(t('shared.the-link-is-copied'))
  } catch {
    words.value = t('school.this-browser-does-not-let-it')
  }
}
/** No mail is sent from here; whoever sends one can take these words. */
const mail = computed(() =>
  [
    props.name ? t('school.hello-name', { name: props.name }) : t('school.hello'),
    '',
    t('school.you-can-sign-in-to-glad'),
    props.made.address,
    '',
    t('school.the-link-is-good-once-and', { until: until() }),
  ].join('\n'),
)
const print = () => window.print()
const until = () => fullDateTime(new Date(props.made.expiresAt))
</script>

<template>
  <el-dialog :model-value="true" :title="t('school.the-link')" width="520px" @close="emit('close')">
    <div class="link">
      <p>
        {{
          name
            ? t('school.link-is-for-name', { name, until: until() })
            : t('school.link-is-for', { until: until() })
        }}
      </p>
      <p class="address" tabindex="0">{{ made.address }}</p>
      <el-collapse>
        <el-collapse-item :title="t('school.what-a-mail-would-say')" name="mail">
          <p class="mail" dir="auto">{{ mail }}</p>
        </el-collapse-item>
      </el-collapse>
      <p v-if="words" role="alert">{{ words }}</p>
      <div>
        <el-button type="primary" @click="copy">{{ t('shared.copy') }}</el-button>
        <el-button @click="print">{{ t('shared.print') }}</el-button>
        <el-button @click="emit('close')">{{ t('shared.close') }}</el-button>
      </div>
    </div>
  </el-dialog>
</template>

<style scoped>
.link {
  display: grid;
  gap: 12px;
}
.address {
  padding: 10px 12px;
  border: 1px dashed var(--line);
  border-radius: 8px;
  background: #fff;
  font-family: monospace;
  overflow-wrap: anywhere;
  user-select: all;
}
.mail {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
