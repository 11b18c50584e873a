/** Runs the newest of what was asked for once before the next frame; a drag asks far more often than that. */
export function frameQueue(request: (run: () => void) => number = requestAnimationFrame) {
  const waiting = new Map<string, () => void>()
  let asked = false
  return (what: string, run: () => void) => {
    waiting.set(what, run)
    if (asked) return
    asked = true
    request(() => {
      asked = false
      const now = [...waiting.values()]
      waiting.clear()
      now.forEach((one) => one())
    })
  }
}
