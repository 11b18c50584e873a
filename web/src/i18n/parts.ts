import type { Language } from './index'

/** Each sentence as a function of its arguments. */
export type Messages = Record<string, (values: Record<string, string | number>) => string>
/** Words that are fetched together: students', teachers', and of the two large screens. */
export type Part = 'student' | 'staff' | 'workbench' | 'present'

export const LOAD: Record<Part, Record<Language, () => Promise<{ default: Messages }>>> = {
  student: {
    en: () => import('virtual:messages/student/en'),
    de: () => import('virtual:messages/student/de'),
    fr: () => import('virtual:messages/student/fr'),
    es: () => import('virtual:messages/student/es'),
    ar: () => import('virtual:messages/student/ar'),
  },
  staff: {
    en: () => import('virtual:messages/staff/en'),
    de: () => import('virtual:messages/staff/de'),
    fr: () => import('virtual:messages/staff/fr'),
    es: () => import('virtual:messages/staff/es'),
    ar: () => import('virtual:messages/staff/ar'),
  },
  workbench: {
    en: () => import('virtual:messages/workbench/en'),
    de: () => import('virtual:messages/workbench/de'),
    fr: () => import('virtual:messages/workbench/fr'),
    es: () => import('virtual:messages/workbench/es'),
    ar: () => import('virtual:messages/workbench/ar'),
  },
  present: {
    en: () => import('virtual:messages/present/en'),
    de: () => import('virtual:messages/present/de'),
    fr: () => import('virtual:messages/present/fr'),
    es: () => import('virtual:messages/present/es'),
    ar: () => import('virtual:messages/present/ar'),
  },
}
