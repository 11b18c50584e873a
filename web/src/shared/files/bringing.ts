import { t } from '@/i18n'
import { pauseAfter } from '@/shared/backoff'
import { passOver } from '@/shared/passOver'
import { ref, type Ref } from 'vue'
import { get, post, putBytes, Refusal, remove, errorText } from '@/api/client'
import type { Coming, FileRef } from '@/api/schema'

const MOST = 200 * 1024 * 1024
const mega = (bytes: number) => Math.ceil(bytes / 1024 / 1024)

/** A file on its way in. */
export interface Bringing {
  /** From 0 to 1. */
  readonly share: Ref<number>
  readonly state: Ref<'coming' | 'paused' | 'waiting' | 'there' | 'stopped' | 'refused'>
  /** Why it was refused, or why it waits. */
  readonly words: Ref<string>
  pause(): void
  goOn(): void
  stop(): void
}

/**
 * Sends a file in piece by piece. Where the network goes away it waits and goes on from the piece it was at; it can be
 * paused and stopped. Nothing changes on the page before all of it is there.
 */
export function bring(file: File, there: (file: FileRef) => void): Bringing {
  const share = ref(0)
  const state: Bringing['state'] = ref('coming')
  const words = ref('')
  let upload: Coming | null = null
  let wake = () => {}
  const sleep = (ms: number) => new Promise<void>((done) => ((wake = done), setTimeout(done, ms)))
  const going = () => !['stopped', 'refused'].includes(state.value)

  /** Asks again and again while the network is away. */
  async function surely<T>(ask: () => Promise<T>): Promise<T> {
    for (let tries = 0; ; tries++) {
      try {
        const answer = await ask()
        if (state.value === 'waiting') state.value = 'coming'
        return answer
      } catch (error) {
        if (!(error instanceof Refusal) || !error.passing || !going()) throw error
        state.value = 'waiting'
        words.value = error.message
        await sleep(pauseAfter(tries))
      }
    }
  }

  async function run() {
    if (file.size > MOST) {
      const words = t('shared.that-file-is-size-mb-the', { size: mega(file.size) })
      throw new Refusal(422, words)
    }
    upload = await surely(() => post('/api/v1/uploads', { name: file.name.slice(0, 300), bytes: file.size }))
    const { id, piece } = upload
    const count = Math.ceil(file.size / piece)
    let have = new Set(upload.have)
    for (let n = 0; n < count; n++) {
      while (state.value === 'paused') await sleep(1e9)
      if (!going()) return
      if (have.has(n)) continue
      const before = state.value
      const bytes = file.slice(n * piece, (n + 1) * piece)
      await surely(() => putBytes(`/api/v1/uploads/${id}/pieces/${n}`, bytes))
      // After a silence the server knows best what has arrived.
      if (before === 'waiting') have = new Set((await surely(() => get(`/api/v1/uploads/${id}`))).have)
      share.value = (n + 1) / count
    }
    if (!going()) return
    const kept = await surely(() => post(`/api/v1/uploads/${id}/completion`))
    state.value = 'there'
    there(kept)
  }
  run().catch((error) => {
    if (!going()) return
    state.value = 'refused'
    words.value = errorText(error)
  })

  return {
    share,
    state,
    words,
    pause() {
      if (state.value === 'coming') state.value = 'paused'
    },
    goOn() {
      if (state.value === 'paused') state.value = 'coming'
      wake()
    },
    stop() {
      if (!going() || state.value === 'there') return
      state.value = 'stopped'
      wake()
      if (upload)
        void remove(`/api/v1/uploads/${upload.id}`).catch(
          passOver('the server clears away what was never finished'),
        )
    },
  }
}
