import { t } from '@/i18n'
import { newId } from '@/api/id'

/** A team as it is being put together; without an id it is new. */
export interface Draft {
  key: string
  id?: string
  name: string
  studentIds: string[]
}

/** Those who are in no team. */
export function without<T extends { id: string }>(teams: Draft[], students: T[]): T[] {
  const placed = new Set(teams.flatMap((team) => team.studentIds))
  return students.filter((one) => !placed.has(one.id))
}

/** The same teams with a student in that one and in no other. @param key empty for none */
export function movedTo(teams: Draft[], studentId: string, key: string): Draft[] {
  return teams.map((team) => {
    const others = team.studentIds.filter((id) => id !== studentId)
    return { ...team, studentIds: team.key === key ? [...others, studentId] : others }
  })
}

/** New members for teams: those that are there keep their names, so many as are dealt. */
export function dealtInto(teams: Draft[], dealt: string[][]): Draft[] {
  return dealt.map((studentIds, i) => {
    const known = teams[i]
    return known
      ? { ...known, studentIds }
      : { key: newId(), name: t('classes.team-number', { n: i + 1 }), studentIds }
  })
}
