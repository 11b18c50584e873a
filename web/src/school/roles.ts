import { t } from '@/i18n'
import type { StaffMember } from '@/api/schema'

export type Role = StaffMember['role']

/** Roles of those who work at a school, with what each may do. */
export const ROLES: { role: Role; name: string; may: string }[] = [
  {
    role: 'TEACHER',
    get name() {
      return t('school.teacher')
    },
    get may() {
      return t('school.makes-activities-and-teaches-classes')
    },
  },
  {
    role: 'ASSISTANT',
    get name() {
      return t('school.assistant')
    },
    get may() {
      return t('school.sees-what-a-class-does-changes')
    },
  },
  {
    role: 'ADMINISTRATOR',
    get name() {
      return t('school.administrator')
    },
    get may() {
      return t('school.teaches-and-manages-people-and-data')
    },
  },
]
export const roleName = (role: Role) => ROLES.find((one) => one.role === role)?.name ?? t('shared.student')
