import { language } from './index'

/**
 * Dates, times, numbers and lists as the language of the screen writes them. English is British: days come before
 * months.
 */
const locale = () => (language.value === 'en' ? 'en-GB' : language.value)

export const clockTime = (at: Date) =>
  new Intl.DateTimeFormat(locale(), { hour: '2-digit', minute: '2-digit' }).format(at)
export const weekday = (at: Date) => new Intl.DateTimeFormat(locale(), { weekday: 'long' }).format(at)
/** Without its year, a date of another one would be taken for this year's. */
export const dayAndMonth = (at: Date, withYear: boolean) =>
  new Intl.DateTimeFormat(locale(), {
    day: 'numeric',
    month: 'long',
    ...(withYear ? { year: 'numeric' } : {}),
  }).format(at)
export const dateTime = (at: Date) =>
  new Intl.DateTimeFormat(locale(), { dateStyle: 'medium', timeStyle: 'short' }).format(at)
export const listOf = (all: string[]) => new Intl.ListFormat(locale(), { type: 'conjunction' }).format(all)
