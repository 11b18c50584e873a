import { t } from '@/i18n'
import { clockTime, dayAndMonth, weekday } from '@/i18n/format'

const DAY = 24 * 60 * 60 * 1000

/** Days from one date to another by the calendar on this device's wall. */
function days(from: Date, to: Date) {
  const midnight = (date: Date) => new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime()
  return Math.round((midnight(to) - midnight(from)) / DAY)
}

/** A time as one would say it: today, tomorrow, on Friday, on 3 May. @param now by the server's clock */
export function timeWords(moment: string, now: string): string {
  const at = new Date(moment)
  const time = clockTime(at)
  const away = days(new Date(now), at)
  if (away === 0) return t('time.today', { time })
  if (away === 1) return t('time.tomorrow', { time })
  if (away === -1) return t('time.yesterday', { time })
  if (away > 1 && away < 7) return t('time.on', { date: weekday(at), time })
  const date = dayAndMonth(at, at.getFullYear() !== new Date(now).getFullYear())
  return t('time.on', { date, time })
}

/** When something is due, in words; empty where it is due at no time. */
export function dueWords(dueAt: string | undefined, now: string): string {
  if (!dueAt) return ''
  const when = timeWords(dueAt, now)
  return new Date(dueAt) < new Date(now) ? t('time.was-due', { when }) : t('time.due', { when })
}

/** What is due soonest first, what was begun before what is new, and what is due at no time last. */
export function byUrgency<T extends { turn: string; window: { dueAt?: string } }>(all: T[]): T[] {
  const due = (one: T) => (one.window.dueAt ? Date.parse(one.window.dueAt) : Infinity)
  const begun = (one: T) => (one.turn === 'IN_WORK' ? 0 : 1)
  return [...all].sort((a, b) => (due(a) === due(b) ? begun(a) - begun(b) : due(a) - due(b)))
}
