import { t } from '@/i18n'
import { decimal } from '@/i18n/format'

/** How much room that is, as it is said. @param bytes 0 or more */
export function gigabytes(bytes: number): string {
  const mega = bytes / 1024 ** 2
  if (mega < 1) return bytes === 0 ? t('school.n-mb', { n: 0 }) : t('school.less-than-1-mb')
  if (mega < 1024) return t('school.n-mb', { n: Math.round(mega) })
  return t('school.n-gb', { n: decimal(Math.round((mega / 1024) * 10) / 10) })
}
