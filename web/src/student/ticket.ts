/** How the student at this tab came in, so that they can come in again on the spot when a session has ended. */
export interface Ticket {
  code: string
  studentId: string
  name: string
  /** Whether they sign in by pictures. */
  pictures: boolean
}
const KEY = 'glad-came-in-as'

/** For this tab only: the next child at a shared tablet finds nothing of it in a new one. */
export function keepTicket(ticket: Ticket) {
  try {
    sessionStorage.setItem(KEY, JSON.stringify(ticket))
  } catch {
    // Where nothing may be kept they come in by the code again.
  }
}
export function ticketHere(): Ticket | null {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? 'null') as Ticket | null
  } catch {
    return null
  }
}
export function dropTicket() {
  try {
    sessionStorage.removeItem(KEY)
  } catch {
    // Nothing was kept.
  }
}
