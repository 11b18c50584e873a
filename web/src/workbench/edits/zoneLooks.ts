import { t } from '@/i18n'
/** Where the label of a drop zone stands, as a teacher says it. */
export const labelPlaces = () =>
  [
    ['TAB', t('workbench.on-a-tab')],
    ['INSIDE', t('workbench.inside-at-its-top')],
    ['ABOVE', t('workbench.above-it')],
    ['BELOW', t('workbench.below-it')],
    ['NONE', t('workbench.label-nowhere')],
  ] as const
