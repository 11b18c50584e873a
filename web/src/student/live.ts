import { openStream, type LiveStream } from '@/shared/liveStream'
import { onBeforeUnmount } from 'vue'

/** What a student's page hears from the server. */
export interface Heard {
  /** Another device, or a team mate, made moves. @param seq how many there are now */
  moved(seq: number): void
  /** Something around the work is otherwise: held, closed, a word was said, it came back. */
  around(): void
  /** The line is there again; something may have been missed. */
  back(): void
}

/** Listens as long as the page is open. A broken line comes back by itself. */
export function listenTo(attemptId: () => string | null, heard: Heard) {
  let stream: LiveStream | null = null
  function open() {
    stream?.close()
    const id = attemptId()
    if (!id) return
    stream = openStream<{ moved: { seq: number }; around: unknown }>(`/api/v1/attempts/${id}/live`, {
      moved: ({ seq }) => heard.moved(seq),
      around: () => heard.around(),
      listening: () => heard.back(),
    })
  }
  onBeforeUnmount(() => stream?.close())
  return { open }
}
