/**
 * For a failure that costs nobody anything: what catches it says why, in place of an empty catch. It stands in the
 * console for whoever looks into it.
 */
export const passOver = (why: string) => (error: unknown) => console.debug(why, error)
