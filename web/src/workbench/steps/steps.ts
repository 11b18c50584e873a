import { t } from '@/i18n'
import { PhExport, PhHandTap, PhPath, PhShapes, PhTarget } from '@phosphor-icons/vue'

/** The steps of making an activity, in their order; Alt with the number of one goes to it. */
export const STEPS = [
  {
    path: 'lay-out',
    get name() {
      return t('workbench.lay-out')
    },
    icon: PhShapes,
  },
  {
    path: 'answers',
    get name() {
      return t('workbench.answers')
    },
    icon: PhTarget,
  },
  {
    path: 'links',
    get name() {
      return t('workbench.links')
    },
    icon: PhPath,
  },
  {
    path: 'try',
    get name() {
      return t('workbench.try')
    },
    icon: PhHandTap,
  },
  {
    path: 'assign',
    get name() {
      return t('workbench.assign')
    },
    icon: PhExport,
  },
]
