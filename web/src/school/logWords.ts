import type { LogLine } from '@/api/types'

export type LogEvent = LogLine['event']

/** What happened, as an administrator would say it. */
export const EVENTS: Record<LogEvent, string> = {
  SCHOOL_SET_UP: 'School set up',
  SETTINGS_CHANGED: 'Settings changed',
  SIGNED_IN: 'Signed in',
  SIGN_IN_FAILED: 'Sign-in failed',
  SIGNED_OUT_EVERYWHERE: 'Signed out everywhere',
  PASSWORD_CHANGED: 'Password changed',
  PASSWORD_LINK_MADE: 'Link for a new password made',
  PERSON_INVITED: 'Invited',
  INVITATION_TAKEN: 'Invitation taken',
  ROLE_CHANGED: 'Role changed',
  PERSON_DEACTIVATED: 'Deactivated',
  PERSON_REACTIVATED: 'Let in again',
  WORK_HANDED_OVER: 'Work handed over',
  CLASS_STAFF_CHANGED: 'Who works with a class changed',
  PIN_CHANGED: 'PIN or pictures changed',
  STUDENTS_ADDED: 'Students added to a class',
  BACKED_UP: 'Backed up',
}
