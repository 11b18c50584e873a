const waiting: (() => void)[] = []
let running = false

/** Runs something when the browser has nothing better to do, one thing after another. Returns how to call it off. */
export function whenIdle(run: () => void): () => void {
  waiting.push(run)
  start()
  return () => {
    const at = waiting.indexOf(run)
    if (at >= 0) waiting.splice(at, 1)
  }
}

function start() {
  if (running) return
  running = true
  const ask: (run: () => void) => unknown =
    typeof requestIdleCallback === 'function'
      ? (run) => requestIdleCallback(run, { timeout: 600 })
      : (run) => setTimeout(run, 30)
  ask(() => {
    running = false
    waiting.shift()?.()
    if (waiting.length > 0) start()
  })
}
