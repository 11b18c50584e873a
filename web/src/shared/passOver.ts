/**
 * For a failure that costs nobody anything: what catches it says why, in place of an empty catch. While one develops it
 * stands in the console.
 */
export const passOver = (why: string) => (error: unknown) => {
  if (import.meta.env.DEV && import.meta.env.MODE !== 'test') console.debug(why, error)
}
