/** Pauses before something that failed is tried again, in milliseconds; the last one from then on. */
const PAUSES = [500, 1000, 2000, 4000, 8000]

/** @param before how often it had failed in a row before this time, from 0 */
export const pauseAfter = (before: number) => PAUSES[Math.min(before, PAUSES.length - 1)]!
