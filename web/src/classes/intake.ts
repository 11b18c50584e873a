import type { ClassIntake } from '@/api/schema'
import { count } from '@/page/count'

/** What a register would do to one class, in words. */
export function intakeSaid(one: ClassIntake): string {
  if (one.colleagues) return 'A colleague has this class'
  if (one.wrong.length > 0) return one.wrong.join(' ')
  const of = (becomes: string) => one.students.filter((student) => student.becomes === becomes).length
  const parts = [
    [of('ADDED'), 'new'],
    [of('JOINS'), 'from other classes'],
    [of('RENAMED'), 'with a new name'],
    [of('THERE'), 'there already'],
  ] as const
  const said = parts.filter(([n]) => n > 0).map(([n, words]) => `${n} ${words}`)
  const stay = one.missing.length ? `. Not in the register, and stay: ${listed(one.missing)}` : ''
  return `${count(one.students.length, 'student')}${said.length ? `: ${said.join(', ')}` : ''}${stay}`
}

const SHOWN = 12
export const listed = (names: string[]) =>
  names.slice(0, SHOWN).join(', ') + (names.length > SHOWN ? ` and ${names.length - SHOWN} more` : '')

/** Whether it can be taken at all. */
export const takeable = (one: ClassIntake) => !one.colleagues && one.wrong.length === 0

/** So many classes are a teacher's own; of more than that they choose themselves. */
const FEW = 8
export const chosenAtFirst = (all: ClassIntake[]) =>
  all.filter((one) => takeable(one) && (all.length <= FEW || one.key)).map((one) => one.id)
