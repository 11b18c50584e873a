import { t } from '@/i18n'

/** How a line is drawn, as a teacher says it. */
export const dashNames = () =>
  [
    ['SOLID', t('workbench.solid-solid')],
    ['DASHED', t('workbench.dashed-dashed')],
    ['DOTTED', t('workbench.dotted-dotted')],
  ] as const
