import { newId } from '@/api/id'

/** A group of students in front of a class, with the points it has. */
export interface Group {
  id: string
  name: string
  studentIds: string[]
  points: number
}

/** New groups of dealt students; those of before keep their names and points as far as there are as many. */
export function groupsOf(dealt: string[][], before: Group[]): Group[] {
  return dealt.map((studentIds, i) => ({
    id: before[i]?.id ?? newId(),
    name: before[i]?.name ?? `Group ${i + 1}`,
    points: before[i]?.points ?? 0,
    studentIds,
  }))
}

const MOST = 9_999
export const withPoints = (groups: Group[], id: string, by: number): Group[] =>
  groups.map((one) =>
    one.id === id ? { ...one, points: Math.max(0, Math.min(MOST, one.points + by)) } : one,
  )

/** Those that have most points; nobody while nobody has any. */
export function ahead(groups: Group[]): Set<string> {
  const most = Math.max(0, ...groups.map((one) => one.points))
  return new Set(most === 0 ? [] : groups.filter((one) => one.points === most).map((one) => one.id))
}

const key = (lessonId: string) => `lesson-groups-${lessonId}`
export function keptGroups(lessonId: string, storage: Pick<Storage, 'getItem'> = localStorage): Group[] {
  try {
    return JSON.parse(storage.getItem(key(lessonId)) ?? '[]') as Group[]
  } catch {
    // What cannot be read there was never written whole.
    return []
  }
}
export function keepGroups(
  lessonId: string,
  groups: Group[],
  storage: Pick<Storage, 'setItem'> = localStorage,
) {
  try {
    storage.setItem(key(lessonId), JSON.stringify(groups))
  } catch {
    // They hold until this page is closed then.
  }
}
