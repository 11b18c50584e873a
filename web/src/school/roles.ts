import type { StaffMember } from '@/api/schema'

export type Role = StaffMember['role']

/** Roles of those who work at a school, with what each may do. */
export const ROLES: { role: Role; name: string; may: string }[] = [
  { role: 'TEACHER', name: 'Teacher', may: 'makes activities and teaches classes' },
  { role: 'ASSISTANT', name: 'Assistant', may: 'sees what a class does, changes nothing' },
  { role: 'ADMINISTRATOR', name: 'Administrator', may: 'teaches, and manages people and data' },
]
export const roleName = (role: Role) => ROLES.find((one) => one.role === role)?.name ?? 'Student'
