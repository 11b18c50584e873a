import { t } from '@/i18n'
import { passOver } from '@/shared/passOver'
import { post, Refusal, sendBytes } from '@/api/client'
import type { Act, FileRef, Move, Moved } from '@/api/schema'
import type { Device } from './device'

/** Stands for the file of a recording that the server does not have yet. */
export const NOT_YET: FileRef = { sha256: '0'.repeat(64), name: 'Recording', mediaType: 'audio/webm' }

/** A teacher who pauses everyone lets them go on again; until then moves wait on the device. */
const PAUSED = 'PAUSED'
/** The sound of a recording is gone from this device, so it can never be sent. */
const GONE = 410

/**
 * Whether a move may be let go of: only where the server names that very move as impossible, by the rule or the bound
 * it broke. The server has kept what was refused then, for the teacher to see. Everything else (no network, a session
 * that ended, another child at this tablet, a server that fails) says nothing about the move, so it stays.
 */
export function refusedByName(error: unknown): boolean {
  if (!(error instanceof Refusal) || error.rule === PAUSED) return false
  if (error.status === GONE) return true
  return (error.rule !== '' && error.namesMove) || error.bound !== ''
}

/**
 * Why what is made waits on this device: 'device' for the network, 'held' while everyone is paused, 'sign-in' where
 * the server does not know who is here, or knows somebody else.
 */
export function whyWaiting(error: unknown): 'device' | 'held' | 'sign-in' {
  if (!(error instanceof Refusal)) return 'device'
  if (error.rule === PAUSED) return 'held'
  return [401, 403, 404].includes(error.status) ? 'sign-in' : 'device'
}

/** A recording goes ahead of the move that puts it on its page. @returns the move as it can be sent */
async function withSound(attemptId: string, one: Move, device: Device): Promise<Move> {
  const { act } = one
  if (act.kind !== 'say' || act.recording.file.sha256 !== NOT_YET.sha256) return one
  const sound = await device.soundOf(act.recording.id)
  if (!sound) throw new Refusal(GONE, t('refused.sound-gone'))
  const file = await sendBytes(`/api/v1/attempts/${attemptId}/recordings`, sound)
  return { ...one, act: { ...act, recording: { ...act.recording, file } } }
}

export interface Sent {
  moved: Moved
  /** As it was sent. */
  act: Act
}

export async function sendMove(attemptId: string, made: Move, device: Device): Promise<Sent> {
  const one = await withSound(attemptId, made, device)
  const moved = await post(`/api/v1/attempts/${attemptId}/moves`, {
    moves: [one],
    sentAt: new Date().toISOString(),
  })
  return { moved, act: one.act }
}

/** Lets go of a move that was acknowledged, or refused by name. */
export async function forget(one: Move, device: Device) {
  await device.forgetMove(one.id).catch(passOver('sent again it is the same move, and is not made twice'))
  if (one.act.kind === 'say')
    await device.forgetSound(one.act.recording.id).catch(passOver('a sound that is left over is never sent'))
}

/**
 * Sends what waits on this device of work that is not open now. What cannot be sent, since it is another child's or the
 * network is away, stays where it is.
 */
export async function sendWaiting(device: Device): Promise<void> {
  for (const attemptId of await device.waitingAttempts()) {
    for (const one of await device.movesOf(attemptId)) {
      try {
        await sendMove(attemptId, one, device)
      } catch (error) {
        // Those after it may build on it.
        if (!refusedByName(error)) break
      }
      await forget(one, device)
    }
  }
}
