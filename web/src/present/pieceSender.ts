import { ref } from 'vue'
import { Refusal, sendBytes, said } from '@/api/client'

/** As core's bound on a piece of a file. */
export const PIECE = 1024 * 1024
const PAUSE = [500, 1000, 2000, 4000, 8000]

/**
 * Sends what is recorded, piece after piece, again and again while the network is away.
 *
 * @param path to which a piece is sent, by its number
 * @param refused called once where the server takes no more; what came before is safe there
 */
export function pieceSender(path: (n: number) => string, refused: (words: string) => void) {
  let waiting: Blob[] = []
  let sent = 0
  let over = false
  let running: Promise<void> | null = null
  /** Whether the network is away just now. */
  const away = ref(false)

  async function send() {
    let tries = 0
    while (waiting.length && !over) {
      try {
        await sendBytes(path(sent), waiting[0]!)
        sent += 1
        waiting = waiting.slice(1)
        tries = 0
        away.value = false
      } catch (error) {
        if (error instanceof Refusal && error.passing) {
          away.value = true
          await new Promise((done) => setTimeout(done, PAUSE[Math.min(tries++, PAUSE.length - 1)]))
        } else {
          over = true
          refused(said(error))
        }
      }
    }
  }
  const go = () => (running ??= send().finally(() => (running = null)))
  return {
    away,
    /** What was recorded since; nothing is sent for nothing. */
    add(blob: Blob) {
      for (let from = 0; from < blob.size; from += PIECE) waiting.push(blob.slice(from, from + PIECE))
      if (blob.size) void go()
    },
    /** Once everything is there, or no more is taken. */
    async all() {
      while (waiting.length && !over) await go()
    },
  }
}
