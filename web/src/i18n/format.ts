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
/** A number as it is said, with as many places behind the point as it has. */
export const decimal = (n: number, digits = 1) =>
  new Intl.NumberFormat(locale(), { maximumFractionDigits: digits }).format(n)
export const date = (at: Date, style: 'medium' | 'long' = 'medium') =>
  new Intl.DateTimeFormat(locale(), { dateStyle: style }).format(at)
export const fullDateTime = (at: Date) =>
  new Intl.DateTimeFormat(locale(), { dateStyle: 'full', timeStyle: 'short' }).format(at)
/** With seconds, for what stands in a log. */
export const exactDateTime = (at: Date) =>
  new Intl.DateTimeFormat(locale(), { dateStyle: 'medium', timeStyle: 'medium' }).format(at)
