import { t, type MessageKey } from '@/i18n'
import type { Act } from '@/api/schema'
import type { Ref } from 'vue'
import { refusalWords } from '@/work/attempt/refusal'
import type { Work } from '@/work/attempt/work'
import { toldOfCheck } from '@/work/rules/feedback'

/** While what is done lies on this device, nothing can be checked. */
const AWAY = new Set(['device', 'fleeting', 'sign-in', 'held'])

/** What the buttons around a page do; what came of it, or was refused, stands in `words`. */
export function useWorkActions(
  work: () => Work,
  pageId: () => string,
  words: Ref<string>,
  hint: Ref<string>,
  /** Once the work is handed in. */
  handedIn: () => void,
) {
  async function make(act: Parameters<Work['make']>[0]) {
    try {
      return await work().make(act)
    } catch (error) {
      words.value = refusalWords(error)
      return null
    }
  }

  async function heardSay(sound: Blob, seconds: number) {
    try {
      await work().say(pageId(), sound, seconds)
      words.value = t('done.voice')
    } catch (error) {
      words.value = refusalWords(error)
    }
  }

  async function check() {
    if (AWAY.has(work().kept.value)) words.value = t('done.check-later')
    const verdict = await make({ kind: 'check', pageId: pageId() })
    if (!verdict) return
    words.value = toldOfCheck(verdict)
    hint.value = verdict.hint ?? ''
  }

  /** Says that it is done, only where it was: what was refused says why. */
  async function done(act: Act, key: MessageKey): Promise<boolean> {
    try {
      await work().make(act)
      words.value = t(key)
      return true
    } catch (error) {
      words.value = refusalWords(error)
      return false
    }
  }

  const showSolution = (itemId: string | null) =>
    done({ kind: 'show', pageId: pageId(), ...(itemId ? { itemId } : {}) }, 'done.solution')

  const reset = () => done({ kind: 'start-again', pageId: pageId() }, 'done.reset')

  async function handIn() {
    if (await done({ kind: 'hand-in' }, 'done.handed-in')) handedIn()
  }

  return { make, heardSay, check, showSolution, reset, handIn }
}
