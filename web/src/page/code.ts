/** A join code in two groups, which is easier to read off a board. */
export const spaced = (code: string) => `${code.slice(0, 3)} ${code.slice(3)}`
