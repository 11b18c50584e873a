/** Which rows, or columns, of a long table are worth drawing: those in sight and a few around them. */
export function inSight(
  scrolled: number,
  room: number,
  size: number,
  count: number,
  around = 3,
): [number, number] {
  const first = Math.min(count, Math.max(0, Math.floor(scrolled / size) - around))
  const last = Math.min(count, Math.ceil((scrolled + room) / size) + around)
  return [first, Math.max(first, last)]
}

/** Where to scroll so that one row is wholly in sight; where it is already, nowhere else. */
export function scrolledTo(index: number, scrolled: number, room: number, size: number): number {
  const top = index * size
  if (top < scrolled) return top
  return top + size > scrolled + room ? top + size - room : scrolled
}
