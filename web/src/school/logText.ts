import type { LogLine } from '@/api/schema'

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
  BACKUP_SAVED: 'Copy of a backup saved',
  RESTORED: 'Restored from a backup',
  ACTIVITY_SHARED: 'Activity shared',
  ARCHIVE_MADE: 'Archive of a person saved',
  PERSON_ERASED: 'Person erased',
  PEOPLE_IMPORTED: 'People imported',
  PASSKEY_ADDED: 'Passkey added',
  PASSKEY_REMOVED: 'Passkey removed',
  SCHOOL_ACCOUNT_LINKED: 'School account connected',
  SCHOOL_ACCOUNT_UNLINKED: 'School account disconnected',
  RESULTS_SAVED: 'Results downloaded',
  LOG_SAVED: 'Activity log downloaded',
}
