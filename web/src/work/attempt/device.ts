import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { AttemptView, Move } from '@/api/schema'

/** What a student's device keeps while the network is away. */
export interface Device {
  /** Whether what is kept here outlives the page. */
  readonly lasting: boolean
  keepMove(attemptId: string, move: Move): Promise<void>
  forgetMove(moveId: string): Promise<void>
  /** Moves that were not acknowledged yet, in the order in which they were made. */
  movesOf(attemptId: string): Promise<Move[]>
  /** The attempts that such moves are of. */
  waitingAttempts(): Promise<string[]>
  /** The sound of a recording, until the server has it. */
  keepSound(recordingId: string, sound: Blob): Promise<void>
  soundOf(recordingId: string): Promise<Blob | null>
  forgetSound(recordingId: string): Promise<void>
  keepView(view: AttemptView): Promise<void>
  viewOf(assignmentId: string): Promise<AttemptView | null>
  /** Who is signed in here; what others opened is shown to them no more. */
  belongsTo(studentId: string): Promise<void>
  /** All that was opened here by the student who is signed in, or was when there was a network last. */
  views(): Promise<AttemptView[]>
  /** On a shared tablet nothing of a student stays once they leave, except moves that the server does not have. */
  forgetViews(): Promise<void>
}

interface DeviceData extends DBSchema {
  moves: {
    key: number
    value: { attemptId: string; move: Move }
    indexes: { attempt: string; move: string }
  }
  /** By the student and the assignment. */
  views: { key: [string, string]; value: AttemptView }
  /** One entry: the student who is signed in. */
  owner: { key: string; value: string }
  sounds: { key: string; value: Blob }
}

let opening: Promise<IDBPDatabase<DeviceData>> | null = null

function database() {
  opening ??= openDB<DeviceData>('glad-tile', 4, {
    upgrade(db, before, _, transaction) {
      if (before < 2) db.createObjectStore('sounds')
      if (before < 4) db.createObjectStore('owner')
      // Pages that were kept have another form since; moves have not, and none may be lost.
      if (before >= 1 && before < 4) void transaction.objectStore('views').clear()
      if (before >= 1) return
      const moves = db.createObjectStore('moves', { autoIncrement: true })
      moves.createIndex('attempt', 'attemptId')
      moves.createIndex('move', 'move.id')
      db.createObjectStore('views')
    },
    // A tab that stands open since before a new version lets go, so that another one need not wait for it.
    blocking(_, __, event) {
      ;(event.target as IDBDatabase).close()
      opening = null
    },
  })
  return opening
}

const OWNER = 'here'
async function ownerHere() {
  return (await (await database()).get('owner', OWNER)) ?? ''
}

/** In the browser's own database, which a closed tab and an empty battery leave as it is. */
export const browserDevice: Device = {
  lasting: true,
  async keepMove(attemptId, move) {
    await (await database()).add('moves', { attemptId, move })
  },
  async forgetMove(moveId) {
    const db = await database()
    const key = await db.getKeyFromIndex('moves', 'move', moveId)
    if (key !== undefined) await db.delete('moves', key)
  },
  async movesOf(attemptId) {
    return (await (await database()).getAllFromIndex('moves', 'attempt', attemptId)).map((one) => one.move)
  },
  async waitingAttempts() {
    const all = await (await database()).getAll('moves')
    return [...new Set(all.map((one) => one.attemptId))]
  },
  async keepSound(recordingId, sound) {
    await (await database()).put('sounds', sound, recordingId)
  },
  async soundOf(recordingId) {
    return (await (await database()).get('sounds', recordingId)) ?? null
  },
  async forgetSound(recordingId) {
    await (await database()).delete('sounds', recordingId)
  },
  async belongsTo(studentId) {
    await (await database()).put('owner', studentId, OWNER)
  },
  async keepView(view) {
    await (await database()).put('views', view, [await ownerHere(), view.assignmentId])
  },
  async viewOf(assignmentId) {
    return (await (await database()).get('views', [await ownerHere(), assignmentId])) ?? null
  },
  async views() {
    const owner = await ownerHere()
    return (await database()).getAll('views', IDBKeyRange.bound([owner, ''], [owner, '\uffff']))
  },
  async forgetViews() {
    await (await database()).clear('views')
  },
}

/** For browsers that let nothing be kept, as in a private window: everything is lost with the page, and it says so. */
export function passingDevice(): Device {
  let kept: { attemptId: string; move: Move }[] = []
  const sounds = new Map<string, Blob>()
  return {
    lasting: false,
    async keepMove(attemptId, move) {
      kept.push({ attemptId, move })
    },
    async forgetMove(moveId) {
      kept = kept.filter((one) => one.move.id !== moveId)
    },
    async movesOf(attemptId) {
      return kept.filter((one) => one.attemptId === attemptId).map((one) => one.move)
    },
    async waitingAttempts() {
      return [...new Set(kept.map((one) => one.attemptId))]
    },
    async keepSound(recordingId, sound) {
      sounds.set(recordingId, sound)
    },
    async soundOf(recordingId) {
      return sounds.get(recordingId) ?? null
    },
    async forgetSound(recordingId) {
      sounds.delete(recordingId)
    },
    async belongsTo() {},
    async keepView() {},
    async viewOf() {
      return null
    },
    async views() {
      return []
    },
    async forgetViews() {},
  }
}

/** The browser's own, or one that only lasts as long as the page where that is not allowed. */
export async function deviceHere(): Promise<Device> {
  try {
    await database()
    return browserDevice
  } catch {
    return passingDevice()
  }
}
