import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

/** Where pieces of a recording lie until the server has them, so that a closed tab loses none of them. */
export interface PieceShelf {
  /** Rejects where the device keeps nothing, or has no room. */
  keep(recordingId: string, n: number, piece: Blob): Promise<void>
  forget(recordingId: string, n: number): Promise<void>
  /** Those that wait, by their numbers, in their order. */
  waiting(recordingId: string): Promise<[number, Blob][]>
}

interface Pieces extends DBSchema {
  pieces: { key: [string, number]; value: Blob }
}
const piecesOf = (recordingId: string) =>
  IDBKeyRange.bound([recordingId, 0], [recordingId, Number.MAX_SAFE_INTEGER])
let opening: Promise<IDBPDatabase<Pieces>> | null = null
const shelf = () =>
  (opening ??= openDB<Pieces>('glad-tile-recordings', 1, {
    upgrade: (db) => void db.createObjectStore('pieces'),
  }))

/** Of a recording that is deleted nothing stays on this device. */
export async function forgetPieces(recordingId: string) {
  await (await shelf()).delete('pieces', piecesOf(recordingId))
}

/** In the browser's own database. */
export const browserShelf: PieceShelf = {
  async keep(recordingId, n, piece) {
    await (await shelf()).put('pieces', piece, [recordingId, n])
  },
  async forget(recordingId, n) {
    await (await shelf()).delete('pieces', [recordingId, n])
  },
  async waiting(recordingId) {
    const db = await shelf()
    const all = piecesOf(recordingId)
    const [keys, pieces] = await Promise.all([db.getAllKeys('pieces', all), db.getAll('pieces', all)])
    return keys.map(([, n], i) => [n, pieces[i]!])
  },
}
