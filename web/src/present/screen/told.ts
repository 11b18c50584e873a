import { ref } from 'vue'
import { errorText } from '@/api/client'

/** What the screen says to whoever stands at it: what was done, and what went wrong. */
export function useTold() {
  const words = ref('')
  const wrong = ref('')
  /** Does something; where it fails the screen says why, until something succeeds. */
  async function run(what: () => unknown) {
    try {
      await what()
      wrong.value = ''
    } catch (error) {
      wrong.value = errorText(error)
    }
  }
  return { words, wrong, run }
}
export type Told = ReturnType<typeof useTold>
