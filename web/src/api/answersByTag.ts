/**
 * Answers that came with an ETag, as text: who asks again and hears that nothing changed gets them from here. They stay
 * in the memory of this page alone, since tablets are shared and the browser's own store would outlive a sign-out.
 */
const MOST = 40
const kept = new Map<string, { tag: string; text: string }>()

export const tagOf = (path: string) => kept.get(path)?.tag

export function keepAnswer(path: string, tag: string, text: string): unknown {
  kept.delete(path)
  kept.set(path, { tag, text })
  // The first is the one that was not asked for longest.
  if (kept.size > MOST) kept.delete(kept.keys().next().value!)
  return JSON.parse(text)
}

/** Read anew each time, so that nobody changes what another gets. @throws where it was never kept */
export function keptAnswer(path: string): unknown {
  const one = kept.get(path)
  if (!one) throw new Error(`Nothing is kept of ${path}`)
  return keepAnswer(path, one.tag, one.text)
}
