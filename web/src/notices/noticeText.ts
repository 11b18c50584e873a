import { t } from '@/i18n'
import type { Notice } from '@/api/schema'

/** What a notice says. */
export function noticeWords({ kind, about }: Notice): string {
  const { title, count, by = '' } = about
  return t(`notice.${kind}`, { title, count, by })
}

/** Where it leads. */
export function noticeWay({ kind, about }: Notice): string {
  if (kind === 'SHARED') return `/activities/${about.activityId}`
  if (kind === 'STUDENTS_ASKED_FOR' || kind === 'SECRET_RESET') return '/classes'
  return kind === 'HANDED_IN' ? `/assigned/${about.assignmentId}/review` : `/work/${about.assignmentId}`
}
