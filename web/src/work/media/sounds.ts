import type { Reply } from '@/api/schema'

type Sound = NonNullable<Reply['sound']>
/** Tones of a sound: hertz, when it begins and how long it is in seconds, and its colour. */
type Tone = [number, number, number, OscillatorType]

/** The sounds that ship with the app are made by the browser, so that nothing has to be fetched. */
export const TONES: Record<Sound, Tone[]> = {
  CHIME: [
    [784, 0, 0.25, 'sine'],
    [1047, 0.12, 0.4, 'sine'],
  ],
  BELL: [
    [988, 0, 0.9, 'sine'],
    [1976, 0, 0.45, 'sine'],
  ],
  DRUM: [[110, 0, 0.22, 'triangle']],
  WHOOSH: [
    [300, 0, 0.12, 'sine'],
    [220, 0.08, 0.2, 'sine'],
  ],
  KNOCK: [
    [180, 0, 0.07, 'square'],
    [180, 0.14, 0.07, 'square'],
  ],
}
export const SOUNDS: [Sound, string][] = [
  ['CHIME', 'Chime'],
  ['BELL', 'Bell'],
  ['DRUM', 'Drum'],
  ['WHOOSH', 'Whoosh'],
  ['KNOCK', 'Knock'],
]
const LOUD = 0.18
let context: AudioContext | null = null

/** Plays a sound; silent where the browser has none. */
export function play(sound: Sound | undefined) {
  if (!sound || typeof AudioContext === 'undefined') return
  context ??= new AudioContext()
  const now = context.currentTime
  for (const [hertz, from, long, kind] of TONES[sound]) {
    const tone = new OscillatorNode(context, { type: kind, frequency: hertz })
    const gain = new GainNode(context, { gain: 0 })
    gain.gain.setValueAtTime(0, now + from)
    gain.gain.linearRampToValueAtTime(LOUD, now + from + 0.02)
    gain.gain.exponentialRampToValueAtTime(0.001, now + from + long)
    tone.connect(gain).connect(context.destination)
    tone.start(now + from)
    tone.stop(now + from + long)
  }
}
