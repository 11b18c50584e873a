/** The languages of the screens, each by its own name. */
export const LANGUAGES: [string, string][] = [
  ['en', 'English'],
  ['de', 'Deutsch'],
  ['fr', 'Français'],
  ['es', 'Español'],
  ['ar', 'العربية'],
]

/** As the IANA time zone database names them. */
export const timeZones = (): string[] => ['UTC', ...Intl.supportedValuesOf('timeZone')]
