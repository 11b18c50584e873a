import { passOver } from '@/shared/passOver'
import { ref } from 'vue'
import type { Speech } from '@/api/schema'

/** What is being said aloud, for showing its text; null for nothing. */
export const speaking = ref<Speech | null>(null)
let player: HTMLAudioElement | null = null

/** Whether the browser has voices of its own. */
export const canRead = () => typeof speechSynthesis !== 'undefined'

/** Plays the recording of an item, or has the browser read its text; what was said before stops. */
export function speak(speech: Speech) {
  hush()
  speaking.value = speech
  const done = () => {
    if (speaking.value === speech) speaking.value = null
  }
  if (speech.file) {
    player = new Audio(`/api/v1/files/${speech.file.sha256}`)
    player.addEventListener('ended', done)
    // Where it cannot be played the text stays to be read, until something else is said or it is closed.
    player.play().catch(passOver('the browser lets nothing sound before something was pressed'))
  } else if (canRead()) {
    const said = new SpeechSynthesisUtterance(speech.text)
    said.addEventListener('end', done)
    speechSynthesis.speak(said)
  }
}

export function hush() {
  player?.pause()
  player = null
  if (canRead()) speechSynthesis.cancel()
  speaking.value = null
}
