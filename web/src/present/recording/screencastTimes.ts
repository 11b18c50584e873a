import type { Caption, Chapter, Screencast } from '@/api/schema'

/** 65.4 seconds are 1:05.4; whole seconds have no tenths. */
export function timeWords(milliseconds: number): string {
  const tenths = Math.round(milliseconds / 100)
  const [minutes, seconds, tenth] = [Math.floor(tenths / 600), Math.floor(tenths / 10) % 60, tenths % 10]
  return `${minutes}:${String(seconds).padStart(2, '0')}${tenth ? `.${tenth}` : ''}`
}

/** In milliseconds; null for what is no time. 1:05, 1:05.4 and 65 are times. */
export function timeOf(words: string): number | null {
  const parts = /^(?:(\d{1,4}):)?(\d{1,5}(?:[.,]\d{1,3})?)$/.exec(words.trim())
  if (!parts) return null
  const seconds = Number(parts[2]!.replace(',', '.'))
  if (parts[1] !== undefined && seconds >= 60) return null
  return Math.round((Number(parts[1] ?? 0) * 60 + seconds) * 1000)
}

/** Chapters by the time of what is shown of a recording, those before its beginning gathered there. */
export function shownChapters(one: Pick<Screencast, 'chapters' | 'from' | 'to'>): Chapter[] {
  const from = one.from ?? 0
  const within = one.chapters.filter((chapter) => chapter.at < (one.to ?? Infinity))
  const first = within.filter((chapter) => chapter.at <= from).at(-1)
  const rest = within.filter((chapter) => chapter.at > from)
  return [...(first ? [{ ...first, at: from }] : []), ...rest].map((chapter) => ({
    name: chapter.name,
    at: chapter.at - from,
  }))
}

/** Words that begin here last until the next ones, or a few seconds. */
export function captionAt(captions: Caption[], at: number, millis: number): Caption {
  const next = captions.map((one) => one.from).filter((from) => from > at)
  const to = Math.min(at + 4000, ...next, Math.max(millis, at + 500))
  return { from: at, to, words: '' }
}
