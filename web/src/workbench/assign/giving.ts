import type { AssignTerms } from '@/api/schema'

/** How an activity is given out, as a teacher fills it in. Times are those of the clock on the wall. */
export interface Giving {
  sharing: NonNullable<AssignTerms['sharing']>
  whom: 'CLASS' | 'TEAMS' | 'STUDENTS'
  targets: string[]
  zone: string
  opensAt: string
  dueAt: string
  closesAt: string
  lateRefused: boolean
  /** How often it can be handed in without being sent back. */
  rounds: number
  /** 0 for no limit. */
  minutes: number
  after: NonNullable<AssignTerms['after']>
  shuffled: boolean
  /** The members of a team turn the pages for all of them. */
  together: boolean
  /** Activities that come after this one. */
  then: string[]
}

export const USUAL_GIVING: Giving = {
  sharing: 'OWN_COPY',
  whom: 'CLASS',
  targets: [],
  zone: 'UTC',
  opensAt: '',
  dueAt: '',
  closesAt: '',
  lateRefused: false,
  rounds: 1,
  minutes: 0,
  after: 'RIGHT_AND_WRONG',
  shuffled: false,
  together: false,
  then: [],
}

/** What is asked of the server; whatever is usual is left out. */
export function requestOf(giving: Giving, classId: string) {
  const { whom, targets, then } = giving
  return {
    classId,
    whom,
    targets: whom === 'CLASS' ? undefined : targets,
    then: then.length ? then : undefined,
    terms: {
      sharing: giving.sharing,
      zone: giving.zone,
      opensAt: giving.opensAt || undefined,
      dueAt: giving.dueAt || undefined,
      closesAt: giving.closesAt || undefined,
      lateRefused: giving.lateRefused && giving.dueAt ? true : undefined,
      rounds: giving.rounds > 1 ? giving.rounds : undefined,
      seconds: giving.minutes > 0 ? Math.round(giving.minutes * 60) : undefined,
      after: giving.after,
      shuffled: giving.shuffled || undefined,
      together: (giving.sharing === 'TEAM_COPY' && giving.together) || undefined,
    },
  }
}

/** The friday, say, that comes next at three in the afternoon: what is due mostly is due then. */
export function inDays(days: number, hour: number, now = new Date()): string {
  const day = new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, hour)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T${two(hour)}:00`
}
