import { passOver } from '@/shared/passOver'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { get } from '@/api/client'
import type { AttemptState, ReplayStep } from '@/api/schema'

const CHUNK = 50
export const SPEEDS = [1, 2, 4, 8]
/** Between two moves at the plainest speed; long pauses of thinking are cut to this. */
const STEP_MS = 900

/** Plays work again, move by move. At no step, -1, the page is as it was left. */
export function useReplay(address: () => `/api/v1/assignments/${string}/reviews/${string}`) {
  const steps = shallowRef<ReplayStep[]>([])
  const at = ref(-1)
  const playing = ref(false)
  const speed = ref(1)
  const moments = shallowRef(new Map<number, AttemptState>())
  const asked = new Set<number>()
  let timer: ReturnType<typeof setTimeout> | undefined

  /** What was asked for about work that lies here no more must not stand in place of what does. */
  let works = 0
  async function load() {
    stop()
    const mine = ++works
    at.value = -1
    asked.clear()
    moments.value = new Map()
    steps.value = []
    const now = await get(`${address()}/steps`)
    if (mine === works) steps.value = now
  }

  async function fetchFrom(index: number) {
    const first = Math.floor(index / CHUNK) * CHUNK
    if (asked.has(first) || !steps.value[first]) return
    asked.add(first)
    const mine = works
    const some = await get(`${address()}/states?from=${steps.value[first].seq}`)
    if (mine !== works) return
    const all = new Map(moments.value)
    for (const one of some) all.set(one.seq, one.state)
    moments.value = all
  }

  const state = computed(() => {
    const step = steps.value[at.value]
    return step ? (moments.value.get(step.seq) ?? null) : null
  })
  watch(at, (index) => {
    if (index >= 0) void fetchFrom(index).catch(passOver('it is fetched when it is looked at again'))
    if (index >= 0) void fetchFrom(index + 10).catch(passOver('it is fetched when it is looked at'))
  })

  function next() {
    if (!playing.value) return
    if (at.value >= steps.value.length - 1) {
      playing.value = false
      return
    }
    at.value++
    timer = setTimeout(next, STEP_MS / speed.value)
  }
  function play() {
    if (at.value >= steps.value.length - 1) at.value = -1
    playing.value = true
    next()
  }
  function stop() {
    playing.value = false
    clearTimeout(timer)
  }
  /** To the next move that was turned away, from the first one again after the last. */
  function toRefusal() {
    stop()
    const bad = steps.value.flatMap((step, i) => (step.says === 'DOES_NOT_BELONG' ? [i] : []))
    at.value = bad.find((i) => i > at.value) ?? bad[0] ?? at.value
  }
  function go(index: number) {
    stop()
    at.value = index
  }
  const setSpeed = (times: number) => (speed.value = times)
  onBeforeUnmount(stop)
  return { steps, at, state, playing, speed, setSpeed, load, play, stop, go, toRefusal }
}

export type Replay = ReturnType<typeof useReplay>
