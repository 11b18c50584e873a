import type { Notice } from '@/api/types'

/** What a notice says. */
export function noticeWords({ kind, about }: Notice): string {
  switch (kind) {
    case 'HANDED_IN':
      return `${about.count} handed in: ${about.title}`
    case 'CAME_BACK':
      return `Came back: ${about.title}`
    case 'DUE_TOMORROW':
      return `Due within a day: ${about.title}`
    case 'SHARED':
      return `${about.by} shares with you: ${about.title}`
  }
}

/** Where it leads. */
export function noticeWay({ kind, about }: Notice): string {
  if (kind === 'SHARED') return `/activities/${about.activityId}`
  return kind === 'HANDED_IN' ? `/assigned/${about.assignmentId}/desk` : `/work/${about.assignmentId}`
}
