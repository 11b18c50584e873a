/** '1 page', '3 pages'. */
export const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`
