import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { onBeforeUnmount, ref, watch } from 'vue'
import { patch, post, errorText } from '@/api/client'
import type { Chapter, Screencast } from '@/api/schema'
import { pieceSender } from './pieceSender'
import { browserShelf } from './pieceShelf'
import { holdRecording } from './recordingLock'
import { stageCanvas } from './stageCanvas'

export type Standing = 'off' | 'counting' | 'on' | 'paused' | 'ending'
/** A closed tab loses no more than that, in milliseconds. */
const PIECE_MS = 2_000
const VIDEO_BITS = 1_500_000
const SOUND_BITS = 48_000
/** Seconds that are counted down before it begins. */
const COUNT = 3

const TYPES = ['video/webm;codecs=vp8,opus', 'video/webm;codecs=vp9,opus', 'video/webm']

/**
 * Records the page with what is said: page, ink and pointer as the class sees it.
 *
 * @param about where it is recorded, asked for when it begins
 */
export function useRecorder(about: {
  sheet: () => HTMLElement | null | undefined
  activityId: () => string
  title: () => string
  pageName: () => string
}) {
  const standing = ref<Standing>('off')
  const left = ref(0)
  const elapsed = ref(0)
  /** How loud it is, from 0 to 1. */
  const level = ref(0)
  const words = ref('')
  const microphones = ref<{ id: string; name: string }[]>([])
  const microphone = ref('')
  const stage = stageCanvas(about.sheet)
  let sound: MediaStream | null = null
  let meter: AudioContext | null = null
  let recorder: MediaRecorder | null = null
  let made: Screencast | null = null
  let chapters: Chapter[] = []
  let keeping: Promise<unknown> = Promise.resolve()
  let clock: ReturnType<typeof setInterval> | undefined
  let since = 0
  let passed = 0

  /** Opens the microphone that was chosen, so that its level is seen before anything is recorded. */
  async function listen() {
    hush()
    try {
      sound = await navigator.mediaDevices.getUserMedia({
        audio: microphone.value ? { deviceId: { exact: microphone.value } } : true,
      })
      const all = await navigator.mediaDevices.enumerateDevices()
      microphones.value = all
        .filter((one) => one.kind === 'audioinput')
        .map((one, i) => ({
          id: one.deviceId,
          name: one.label || t('present.microphone-number', { n: i + 1 }),
        }))
      watchLevel(sound)
      words.value = ''
    } catch {
      sound = null
      words.value = t('present.there-is-no-microphone-or-it')
    }
  }
  function watchLevel(stream: MediaStream) {
    meter = new AudioContext()
    const ear = meter.createAnalyser()
    ear.fftSize = 512
    meter.createMediaStreamSource(stream).connect(ear)
    const waves = new Uint8Array(ear.fftSize)
    const mine = meter
    const look = () => {
      if (meter !== mine) return
      ear.getByteTimeDomainData(waves)
      level.value = Math.min(1, (Math.max(...waves) - 128) / 90)
      setTimeout(look, 100)
    }
    look()
  }
  function hush() {
    sound?.getTracks().forEach((track) => track.stop())
    sound = null
    void meter?.close()
    meter = null
    level.value = 0
  }

  async function begin() {
    if (standing.value !== 'off') return
    standing.value = 'counting'
    if (!sound) await listen()
    for (left.value = COUNT; left.value > 0; left.value--) {
      await new Promise((done) => setTimeout(done, 1000))
      // It was stopped while it was counted down.
      if ((standing.value as Standing) !== 'counting') return
    }
    try {
      made = await post(`/api/v1/activities/${about.activityId()}/screencasts`, {
        title: about.title().slice(0, 290),
      })
      await start(made)
    } catch (error) {
      words.value = errorText(error)
      standing.value = 'off'
    }
  }
  let sender: ReturnType<typeof pieceSender> | null = null
  let letGo = () => {}
  async function start(screencast: Screencast) {
    letGo = holdRecording(screencast.id)
    sender = pieceSender(
      screencast.id,
      browserShelf,
      (why) => {
        words.value = why
        void end()
      },
      () => (words.value = t('present.this-device-has-no-room-for')),
    )
    await stage.start()
    const stream = stage.canvas.captureStream()
    for (const track of sound?.getAudioTracks() ?? []) stream.addTrack(track)
    const type = TYPES.find((one) => MediaRecorder.isTypeSupported(one))
    recorder = new MediaRecorder(stream, {
      ...(type ? { mimeType: type } : {}),
      videoBitsPerSecond: VIDEO_BITS,
      audioBitsPerSecond: SOUND_BITS,
      // So that both ends can be trimmed to within some seconds; browsers that do not know it go by their own.
      ...{ videoKeyFrameIntervalDuration: 2_000 },
    })
    recorder.addEventListener('dataavailable', (event) => sender!.add(event.data))
    recorder.start(PIECE_MS)
    chapters = [{ at: 0, name: about.pageName() }]
    passed = 0
    since = performance.now()
    standing.value = 'on'
    clock = setInterval(() => (elapsed.value = now()), 250)
  }
  const now = () => Math.round(passed + (standing.value === 'on' ? performance.now() - since : 0))
  watch(about.pageName, (name) => {
    if (standing.value !== 'on' && standing.value !== 'paused') return
    const last = chapters.at(-1)!
    const at = now()
    // Pages that were only passed by are no chapters.
    if (at - last.at < 500) chapters = [...chapters.slice(0, -1), { at: last.at, name }]
    else chapters = [...chapters, { at, name }]
    // Kept as they come, for a tab that is closed in the middle; at the end all are sent once more.
    const change = { title: made!.title, chapters, captions: [] }
    keeping = keeping
      .then(() => patch(`/api/v1/screencasts/${made!.id}`, change))
      .catch(passOver('all chapters are sent once more at the end'))
  })
  watch(stage.quality, () => {
    words.value = t('present.the-picture-is-recorded-smaller-now')
  })
  function pause() {
    if (standing.value === 'on') {
      passed = now()
      recorder!.pause()
      standing.value = 'paused'
    } else if (standing.value === 'paused') {
      since = performance.now()
      recorder!.resume()
      standing.value = 'on'
    }
  }

  /** @returns what was recorded, finished; null where nothing was, or it could not be finished now */
  async function end(): Promise<Screencast | null> {
    if (standing.value === 'counting') {
      standing.value = 'off'
      return null
    }
    if (standing.value !== 'on' && standing.value !== 'paused') return null
    elapsed.value = passed = now()
    standing.value = 'ending'
    clearInterval(clock)
    const stopped = new Promise((done) => recorder!.addEventListener('stop', done, { once: true }))
    recorder!.stop()
    await stopped
    stage.stop()
    hush()
    let done: Screencast | null = null
    try {
      await sender!.all()
      // One that is still on its way would put older chapters in the place of all.
      await keeping
      const { id, title } = made!
      await patch(`/api/v1/screencasts/${id}`, { title, chapters, captions: [] })
      done = await post(`/api/v1/screencasts/${id}/completion`)
    } catch (error) {
      words.value = errorText(error)
    }
    letGo()
    standing.value = 'off'
    recorder = null
    return done
  }
  const leave = (event: BeforeUnloadEvent) => {
    if (standing.value === 'on' || standing.value === 'paused') event.preventDefault()
  }
  window.addEventListener('beforeunload', leave)
  onBeforeUnmount(() => {
    window.removeEventListener('beforeunload', leave)
    void end()
    hush()
  })
  return {
    standing,
    left,
    elapsed,
    level,
    words,
    microphones,
    microphone,
    away: () => sender?.away.value ?? false,
    listen,
    hush,
    begin,
    pause,
    end,
  }
}
export type Recorder = ReturnType<typeof useRecorder>
