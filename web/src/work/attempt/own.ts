import type { Act, AttemptState, OwnWork } from '@/api/schema'

type Own = AttemptState['own']

/** What is drawn and said on the pages after an act; as core's OwnWork. What is not meant for it changes nothing. */
export function ownAfter(own: Own, act: Act): Own {
  switch (act.kind) {
    case 'draw':
      return put(own, act.pageId, (was) => {
        const gone = new Set(act.gone)
        const left = (was.ink ?? []).filter((one) => !gone.has(one.id))
        const there = new Set(left.map((one) => one.id))
        return { ...was, ink: [...left, ...(act.drawn ?? []).filter((one) => !there.has(one.id))] }
      })
    case 'say':
      return put(own, act.pageId, (was) => ({
        ...was,
        said: [...(was.said ?? []).filter((one) => one.id !== act.recording.id), act.recording],
      }))
    case 'unsay':
      return put(own, act.pageId, (was) => ({
        ...was,
        said: (was.said ?? []).filter((one) => one.id !== act.recordingId),
      }))
    case 'start-again':
      return put(own, act.pageId, (was) => ({ ...was, ink: [] }))
    default:
      return own
  }
}

function put(own: Own, pageId: string, change: (was: OwnWork) => OwnWork): Own {
  const { [pageId]: was, ...rest } = own ?? {}
  const { ink, said } = change(was ?? {})
  // As core writes it: what is empty is not there.
  const now = { ...(ink?.length && { ink }), ...(said?.length && { said }) }
  return now.ink || now.said ? { ...rest, [pageId]: now } : rest
}
