/**
 * Listens to what the server tells, until it is closed; a broken line comes back by itself. `listening` is told first, and
 * each time the line is back: something may have been missed then, so whoever listens asks for the whole anew.
 *
 * @param on what to do with each event, given what it carries
 * @param lost the line is broken just now
 */
export function openStream<Events extends object>(
  path: `/api/v1/${string}`,
  on: { [Name in keyof Events]?: (told: Events[Name]) => void } & { listening?: () => void },
  lost?: () => void,
) {
  const stream = new EventSource(path)
  for (const [name, hear] of Object.entries(on) as [string, (told: unknown) => void][])
    stream.addEventListener(name, (event) => hear(JSON.parse(event.data as string)))
  if (lost) stream.addEventListener('error', lost)
  return { close: () => stream.close() }
}
export type LiveStream = ReturnType<typeof openStream>
