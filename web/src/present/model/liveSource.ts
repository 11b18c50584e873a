import { practiceStream } from '@/workbench/pictures/practiceCamera'

/** Where a moving picture on the page comes from. */
export type LiveKind = 'camera' | 'window'
export interface LiveSource {
  kind: LiveKind
  stream: MediaStream
  /** The stand-in, since the real one is missing or may not be used. */
  practice: boolean
  stop(): void
}

/** Asks for the camera, or for another window; where that is refused, a practice picture stands in for it. */
export async function openLive(kind: LiveKind): Promise<LiveSource> {
  try {
    const stream =
      kind === 'camera'
        ? await navigator.mediaDevices.getUserMedia({ video: { width: 1280, height: 800 } })
        : await navigator.mediaDevices.getDisplayMedia({ video: true })
    return { kind, stream, practice: false, stop: () => stream.getTracks().forEach((track) => track.stop()) }
  } catch {
    const { stream, stop } = practiceStream()
    return {
      kind,
      stream,
      practice: true,
      stop: () => {
        stop()
        stream.getTracks().forEach((track) => track.stop())
      },
    }
  }
}
