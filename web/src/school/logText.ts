import { t } from '@/i18n'
import type { LogLine } from '@/api/schema'

export type LogEvent = LogLine['event']

/** What happened, as an administrator would say it. */
export const EVENTS: Record<LogEvent, string> = {
  get SCHOOL_SET_UP() {
    return t('school.school-set-up')
  },
  get SETTINGS_CHANGED() {
    return t('school.settings-changed')
  },
  get SIGNED_IN() {
    return t('school.signed-in')
  },
  get SIGN_IN_FAILED() {
    return t('school.sign-in-failed')
  },
  get SIGNED_OUT_EVERYWHERE() {
    return t('school.signed-out-everywhere')
  },
  get PASSWORD_CHANGED() {
    return t('school.password-changed')
  },
  get PASSWORD_LINK_MADE() {
    return t('school.link-for-a-new-password-made')
  },
  get PERSON_INVITED() {
    return t('school.invited')
  },
  get INVITATION_TAKEN() {
    return t('school.invitation-taken')
  },
  get ROLE_CHANGED() {
    return t('school.role-changed')
  },
  get PERSON_DEACTIVATED() {
    return t('school.deactivated')
  },
  get PERSON_REACTIVATED() {
    return t('school.let-in-again')
  },
  get WORK_HANDED_OVER() {
    return t('school.work-handed-over')
  },
  get CLASS_STAFF_CHANGED() {
    return t('school.who-works-with-a-class-changed')
  },
  get PIN_CHANGED() {
    return t('school.pin-or-pictures-changed')
  },
  get STUDENTS_ADDED() {
    return t('school.students-added-to-a-class')
  },
  get BACKED_UP() {
    return t('school.backed-up')
  },
  get BACKUP_SAVED() {
    return t('school.copy-of-a-backup-saved')
  },
  get RESTORED() {
    return t('school.restored-from-a-backup')
  },
  get ACTIVITY_SHARED() {
    return t('school.activity-shared')
  },
  get ARCHIVE_MADE() {
    return t('school.archive-of-a-person-saved')
  },
  get PERSON_ERASED() {
    return t('school.person-erased')
  },
  get PEOPLE_IMPORTED() {
    return t('school.people-imported')
  },
  get PASSKEY_ADDED() {
    return t('school.passkey-added')
  },
  get PASSKEY_REMOVED() {
    return t('school.passkey-removed')
  },
  get SCHOOL_ACCOUNT_LINKED() {
    return t('school.school-account-connected')
  },
  get SCHOOL_ACCOUNT_UNLINKED() {
    return t('school.school-account-disconnected')
  },
  get RESULTS_SAVED() {
    return t('school.results-downloaded')
  },
  get LOG_SAVED() {
    return t('school.activity-log-downloaded')
  },
}
