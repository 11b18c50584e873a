import { onBeforeUnmount, ref } from 'vue'
import { newId } from '@/api/id'

export type TimerKind = 'countdown' | 'stopwatch' | 'clock'
/** Times in milliseconds. A timer that runs counts from `since`; what had passed before stands in `passed`. */
export interface Timer {
  id: string
  kind: TimerKind
  length: number
  passed: number
  since: number | null
  rang: boolean
}

export const started = (kind: TimerKind, length: number, now: number): Timer => ({
  id: newId(),
  kind,
  length,
  passed: 0,
  since: now,
  rang: false,
})
export const passed = (timer: Timer, now: number) =>
  timer.passed + (timer.since === null ? 0 : Math.max(0, now - timer.since))
/** What it shows: what is left, or what has passed; never less than nothing. */
export const shown = (timer: Timer, now: number) =>
  timer.kind === 'countdown' ? Math.max(0, timer.length - passed(timer, now)) : passed(timer, now)
export const isOver = (timer: Timer, now: number) =>
  timer.kind === 'countdown' && passed(timer, now) >= timer.length
export const paused = (timer: Timer, now: number): Timer =>
  timer.since === null ? { ...timer, since: now } : { ...timer, passed: passed(timer, now), since: null }
export const again = (timer: Timer, now: number): Timer => ({
  ...timer,
  passed: 0,
  since: timer.since === null ? null : now,
  rang: false,
})

/** 4:05, or 1:04:05; what is left of a second counts as one while it is counted down. */
export function clockWords(milliseconds: number, up = false): string {
  const seconds = up ? Math.floor(milliseconds / 1000) : Math.ceil(milliseconds / 1000)
  const two = (n: number) => String(n).padStart(2, '0')
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60]
  return hours ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`
}

/** Three soft beats; silent where the browser has no sound. */
function ring() {
  const Sound = window.AudioContext
  if (!Sound) return
  const sound = new Sound()
  for (let beat = 0; beat < 3; beat++) {
    const tone = sound.createOscillator()
    const loud = sound.createGain()
    const from = sound.currentTime + beat * 0.45
    tone.frequency.value = 880
    loud.gain.setValueAtTime(0.0001, from)
    loud.gain.exponentialRampToValueAtTime(0.25, from + 0.03)
    loud.gain.exponentialRampToValueAtTime(0.0001, from + 0.38)
    tone.connect(loud).connect(sound.destination)
    tone.start(from)
    tone.stop(from + 0.4)
  }
  setTimeout(() => void sound.close(), 2000)
}

/** Several timers at once. They go by the time of day, so that a screen that sleeps loses nothing. */
export function useTimers() {
  const timers = ref<Timer[]>([])
  const now = ref(Date.now())
  const tick = setInterval(() => {
    now.value = Date.now()
    for (const timer of timers.value) {
      if (!timer.rang && isOver(timer, now.value)) {
        change(timer.id, (one) => ({ ...one, rang: true }))
        ring()
      }
    }
  }, 200)
  onBeforeUnmount(() => clearInterval(tick))
  function change(id: string, to: (timer: Timer) => Timer) {
    timers.value = timers.value.map((one) => (one.id === id ? to(one) : one))
  }
  return {
    timers,
    now,
    add: (kind: TimerKind, length = 0) =>
      (timers.value = [...timers.value, started(kind, length, Date.now())]),
    pause: (id: string) => change(id, (one) => paused(one, Date.now())),
    again: (id: string) => change(id, (one) => again(one, Date.now())),
    remove: (id: string) => (timers.value = timers.value.filter((one) => one.id !== id)),
  }
}
export type Timers = ReturnType<typeof useTimers>
