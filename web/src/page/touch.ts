/**
 * For what follows a finger: its moves are no swipe. Else the browser takes one that is lifted in full swing for a swipe,
 * and lets the press that follows it go by. Listened to at the surface; fields and players keep what they do with a
 * finger.
 */
export function noSwipe(event: TouchEvent) {
  const own = (event.target as Element).closest('input, textarea, select, video, audio')
  if (event.cancelable && !own) event.preventDefault()
}
