import type { Notice } from '@/api/schema'

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
    case 'STUDENTS_ASKED_FOR':
      return about.count === 1
        ? `${about.by} asks for one of your students for ${about.title}`
        : `${about.by} asks for ${about.count} of your students for ${about.title}`
    case 'SECRET_RESET':
      return `${about.by} has given ${about.title} a new PIN`
  }
}

/** Where it leads. */
export function noticeWay({ kind, about }: Notice): string {
  if (kind === 'SHARED') return `/activities/${about.activityId}`
  if (kind === 'STUDENTS_ASKED_FOR' || kind === 'SECRET_RESET') return '/classes'
  return kind === 'HANDED_IN' ? `/assigned/${about.assignmentId}/review` : `/work/${about.assignmentId}`
}
