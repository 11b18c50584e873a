/** Where the label of a drop zone stands, as a teacher says it. */
export const LABELS = [
  ['TAB', 'on a tab'],
  ['INSIDE', 'inside, at its top'],
  ['ABOVE', 'above it'],
  ['BELOW', 'below it'],
  ['NONE', 'nowhere'],
] as const
