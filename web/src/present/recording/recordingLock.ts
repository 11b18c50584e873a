/** While a recording is made its tab holds a lock of this name, so that another one does not end it. */
const nameOf = (recordingId: string) => `recording-${recordingId}`

/** @returns what lets go of it */
export function holdRecording(recordingId: string): () => void {
  let done: () => void = () => {}
  const held = new Promise<void>((resolve) => (done = resolve))
  void navigator.locks?.request(nameOf(recordingId), () => held)
  return done
}

/** Whether it is made just now, in any tab of this browser. */
export async function isBeingRecorded(recordingId: string): Promise<boolean> {
  const all = await navigator.locks?.query()
  return all?.held?.some((one) => one.name === nameOf(recordingId)) ?? false
}
