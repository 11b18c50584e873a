import { post, Refusal } from '@/api/client'
import type { StoredPicture } from '@/api/types'

export const ACCEPTED = 'image/png,image/jpeg,image/webp,image/svg+xml'
const MOST_BYTES = 20 * 1024 * 1024

/** Sends a picture in; too large a one is refused before it is sent. */
export async function upload(file: File, credit: string): Promise<StoredPicture> {
  if (file.size > MOST_BYTES) {
    const size = Math.ceil(file.size / 1024 / 1024)
    throw new Refusal(
      422,
      `That picture is ${size} MB; the most is 20 MB. Nothing on the page changed. Try a smaller one.`,
    )
  }
  const form = new FormData()
  form.append('file', file)
  form.append('credit', credit)
  return post<StoredPicture>('/api/files/pictures', form)
}
