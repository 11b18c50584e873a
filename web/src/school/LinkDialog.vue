<script setup lang="ts">
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
    notifyDone('The link is copied.')
  } catch {
    words.value = 'This browser does not let it be copied. Mark the address and copy it by hand.'
  }
}
/** No mail is sent from here; whoever sends one can take these words. */
const mail = computed(() =>
  [
    props.name ? `Hello ${props.name},` : 'Hello,',
    '',
    'you can sign in to Glad Tile at our school. Open this link and choose a password:',
    props.made.address,
    '',
    `The link is good once, and until ${until()}.`,
  ].join('\n'),
)
const print = () => window.print()
const until = () =>
  new Date(props.made.expiresAt).toLocaleString('en-GB', { dateStyle: 'full', timeStyle: 'short' })
</script>

<template>
  <el-dialog :model-value="true" title="The link" width="520px" @close="emit('close')">
    <div class="link">
      <p>
        {{
          name
            ? `Whoever opens this link chooses the password of ${name}.`
            : 'Whoever opens this link chooses the password.'
        }}
        It is shown this once, is good once, and until {{ until() }}.
      </p>
      <p class="address" tabindex="0">{{ made.address }}</p>
      <el-collapse>
        <el-collapse-item title="What a mail would say" name="mail">
          <p class="mail" dir="auto">{{ mail }}</p>
        </el-collapse-item>
      </el-collapse>
      <p v-if="words" role="alert">{{ words }}</p>
      <div>
        <el-button type="primary" @click="copy">Copy</el-button>
        <el-button @click="print">Print</el-button>
        <el-button @click="emit('close')">Close</el-button>
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
