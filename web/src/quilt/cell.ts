/** How a placement looks in the quilt: each state has its own shape and sign, not only its colour. */
export function cellOf(cell: { tries: number; solvedAt: number }) {
  if (cell.solvedAt === 1) return { look: 'once', shown: '', said: 'first try' }
  if (cell.solvedAt === 2) return { look: 'twice', shown: '2', said: 'second try' }
  if (cell.solvedAt > 2) return { look: 'later', shown: `${cell.solvedAt}`, said: `try ${cell.solvedAt}` }
  if (cell.tries > 0) {
    const tries = cell.tries === 1 ? '1 try' : `${cell.tries} tries`
    return { look: 'trying', shown: `${cell.tries}`, said: `${tries}, not yet` }
  }
  return { look: 'none', shown: '', said: 'not yet' }
}
