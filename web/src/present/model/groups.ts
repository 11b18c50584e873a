import { t } from '@/i18n'
import { newId } from '@/api/id'
import type { LessonGroup } from '@/api/schema'

/** New groups of dealt students; those of before keep their names and points as far as there are as many. */
export function groupsOf(dealt: string[][], before: LessonGroup[]): LessonGroup[] {
  return dealt.map((studentIds, i) => ({
    id: before[i]?.id ?? newId(),
    name: before[i]?.name ?? t('present.group-number', { n: i + 1 }),
    points: before[i]?.points ?? 0,
    studentIds,
  }))
}

const MOST = 9_999
export const withPoints = (groups: LessonGroup[], id: string, by: number): LessonGroup[] =>
  groups.map((one) =>
    one.id === id ? { ...one, points: Math.max(0, Math.min(MOST, one.points + by)) } : one,
  )

/** Those that have most points; nobody while nobody has any. */
export function ahead(groups: LessonGroup[]): Set<string> {
  const most = Math.max(0, ...groups.map((one) => one.points))
  return new Set(most === 0 ? [] : groups.filter((one) => one.points === most).map((one) => one.id))
}
