import { t } from '@/i18n'
import { Refusal } from '@/api/client'
import type { StoredPicture } from '@/api/schema'

export const ACCEPTED = 'image/png,image/jpeg,image/webp,image/gif,image/svg+xml'
const MOST_BYTES = 20 * 1024 * 1024

/**
 * Sends a picture in and tells how far it is, from 0 to 1; too large a one is refused before it is sent.
 */
export function upload(
  file: File,
  credit: string,
  progress: (share: number) => void = () => {},
  signal?: AbortSignal,
): Promise<StoredPicture> {
  if (file.size > MOST_BYTES) {
    const size = Math.ceil(file.size / 1024 / 1024)
    return Promise.reject(new Refusal(422, t('shared.picture-too-large', { size })))
  }
  const form = new FormData()
  form.append('file', file)
  form.append('credit', credit)
  // Only this older way of asking tells how much has gone up.
  return new Promise((done, fail) => {
    const request = new XMLHttpRequest()
    request.open('POST', '/api/v1/files/pictures')
    request.setRequestHeader('Accept', 'application/json')
    request.setRequestHeader(
      'X-XSRF-TOKEN',
      decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? ''),
    )
    request.upload.onprogress = (event) => progress(event.lengthComputable ? event.loaded / event.total : 0)
    request.onload = () => {
      const body = parsed(request.responseText)
      if (request.status >= 200 && request.status < 300) done(body as StoredPicture)
      else fail(new Refusal(request.status, String((body as { detail?: string }).detail ?? failed())))
    }
    request.onerror = () => fail(new Refusal(0, failed()))
    request.onabort = () => fail(new Refusal(0, t('shared.stopped-nothing-on-the-page-changed')))
    signal?.addEventListener('abort', () => request.abort())
    request.send(form)
  })
}

const failed = () => t('shared.picture-did-not-arrive')
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return {}
  }
}

/** Who made a picture, under which licence and where it came from, in one line. */
export const creditOf = (who: string, licence: string, source: string) =>
  [who, licence, source]
    .map((part) => part.trim())
    .filter(Boolean)
    .join(', ')
    .slice(0, 300)

/** One of several pictures on their way. */
export interface Coming {
  name: string
  share: number
  wrong: string
}

/** Brings several in, two at a time, and hands each on as it comes. */
export async function uploadAll(
  files: File[],
  credit: string,
  coming: Coming[],
  taken: (picture: StoredPicture, file: File) => void,
  signal?: AbortSignal,
) {
  const waiting = files.map((file, i) => ({ file, row: coming[i]! }))
  const worker = async () => {
    for (let next = waiting.shift(); next && !signal?.aborted; next = waiting.shift()) {
      const { file, row } = next
      try {
        const picture = await upload(file, credit, (share) => (row.share = share), signal)
        row.share = 1
        taken(picture, file)
      } catch (error) {
        row.wrong = error instanceof Error ? error.message : failed()
      }
    }
  }
  await Promise.all([worker(), worker()])
}
