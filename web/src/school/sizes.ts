/** How much room that is, as it is said. @param bytes 0 or more */
export function gigabytes(bytes: number): string {
  const mega = bytes / 1024 ** 2
  if (mega < 1) return bytes === 0 ? '0 MB' : 'less than 1 MB'
  if (mega < 1024) return `${Math.round(mega)} MB`
  return `${Math.round((mega / 1024) * 10) / 10} GB`
}
