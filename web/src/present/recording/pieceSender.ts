import { pauseAfter } from '@/shared/backoff'
import { ref } from 'vue'
import { putBytes, Refusal, errorText } from '@/api/client'
import type { PieceShelf } from './pieceShelf'

/** As core's bound on a piece of a file. */
export const PIECE = 1024 * 1024

const pathOf = (recordingId: string, n: number) => `/api/v1/screencasts/${recordingId}/pieces/${n}` as const

/**
 * Sends what is recorded, piece after piece, again and again while the network is away. Until the server has it, each
 * lies on the device too.
 *
 * @param refused called once where the server takes no more; what came before is safe there
 * @param unkept called once where the device keeps nothing: what waits would be lost with the page
 */
export function pieceSender(
  recordingId: string,
  shelf: PieceShelf,
  refused: (words: string) => void,
  unkept: () => void,
) {
  let waiting: Blob[] = []
  let sent = 0
  let made = 0
  let lasting = true
  let over = false
  let running: Promise<void> | null = null
  /** Whether the network is away just now. */
  const away = ref(false)

  async function send() {
    let tries = 0
    while (waiting.length && !over) {
      try {
        await putBytes(pathOf(recordingId, sent), waiting[0]!)
        void forget(sent)
        sent += 1
        waiting = waiting.slice(1)
        tries = 0
        away.value = false
      } catch (error) {
        if (error instanceof Refusal && error.passing) {
          away.value = true
          await new Promise((done) => setTimeout(done, pauseAfter(tries++)))
        } else {
          over = true
          refused(errorText(error))
        }
      }
    }
  }
  function noRoom() {
    if (lasting) unkept()
    lasting = false
  }
  const keep = (n: number, piece: Blob) =>
    shelf
      .keep(recordingId, n, piece)
      // One that was sent meanwhile need not stay.
      .then(() => (n < sent ? forget(n) : undefined))
      .catch(noRoom)
  // What is left behind is sent once more, and changes nothing there.
  const forget = (n: number) => shelf.forget(recordingId, n).catch(() => undefined)
  const go = () => (running ??= send().finally(() => (running = null)))
  return {
    away,
    /** What was recorded since; nothing is sent for nothing. */
    add(blob: Blob) {
      for (let from = 0; from < blob.size; from += PIECE) {
        const piece = blob.slice(from, from + PIECE)
        waiting.push(piece)
        void keep(made++, piece)
      }
      if (blob.size) void go()
    },
    /** Once everything is there, or no more is taken. */
    async all() {
      while (waiting.length && !over) await go()
    },
  }
}

/**
 * Sends what this device still has of a recording whose tab was closed.
 *
 * @returns how many pieces; rejects where the network is away
 */
export async function sendKept(recordingId: string, shelf: PieceShelf): Promise<number> {
  const waiting = await shelf.waiting(recordingId).catch(() => [])
  for (const [n, piece] of waiting) {
    try {
      await putBytes(pathOf(recordingId, n), piece)
    } catch (error) {
      if (error instanceof Refusal && error.passing) throw error
      // The server takes no more of this recording; what came before is safe there.
    }
    await shelf.forget(recordingId, n)
  }
  return waiting.length
}
