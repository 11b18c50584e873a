import { t } from '@/i18n'
import type { ClassIntake } from '@/api/schema'

/** What a register would do to one class, in words. */
export function intakeSaid(one: ClassIntake): string {
  if (one.colleagues) return t('classes.a-colleague-has-this-class')
  if (one.wrong.length > 0) return one.wrong.join(' ')
  const of = (becomes: string) => one.students.filter((student) => student.becomes === becomes).length
  const parts = [
    of('ADDED') ? t('classes.so-many-new', { n: of('ADDED') }) : '',
    of('JOINS') ? t('classes.so-many-from-others', { n: of('JOINS') }) : '',
    of('RENAMED') ? t('classes.so-many-renamed', { n: of('RENAMED') }) : '',
    of('THERE') ? t('classes.so-many-there', { n: of('THERE') }) : '',
  ].filter(Boolean)
  const students = t('shared.students-count', { n: one.students.length })
  const first = parts.length ? `${students}: ${parts.join(', ')}` : students
  return one.missing.length
    ? `${first}. ${t('classes.not-in-the-register', { names: listed(one.missing) })}`
    : first
}

const SHOWN = 12
export const listed = (names: string[]) =>
  names.length > SHOWN
    ? t('shared.names-and-more', { names: names.slice(0, SHOWN).join(', '), more: names.length - SHOWN })
    : names.join(', ')

/** Whether it can be taken at all. */
export const takeable = (one: ClassIntake) => !one.colleagues && one.wrong.length === 0

/** So many classes are a teacher's own; of more than that they choose themselves. */
const FEW = 8
export const chosenAtFirst = (all: ClassIntake[]) =>
  all.filter((one) => takeable(one) && (all.length <= FEW || one.key)).map((one) => one.id)
