import { post } from '@/api/client'
import type { Points } from '@/api/schema'

const known = new Map<string, string>()

/** The rule for points in words, as core tells it; asked once for each rule. */
export async function pointsSaid(points: Points): Promise<string> {
  const asked = JSON.stringify(points)
  const there = known.get(asked)
  if (there) return there
  try {
    const { words } = await post('/api/v1/points-descriptions', points)
    known.set(asked, words)
    return words
  } catch {
    // It is told again when something is changed.
    return ''
  }
}
