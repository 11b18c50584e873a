/** A refusal as the server says it, or the network's silence (status 0). */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly rule = '',
    readonly bound = '',
    /** Whether it is a certain move that was refused, not the request. */
    readonly namesMove = false,
  ) {
    super(detail)
  }

  /** Whether the same request may go through later, with nothing changed about it. */
  get passing() {
    return this.status === 0 || this.status >= 502
  }
}

const OFFLINE =
  'The server cannot be reached. What was saved is safe. Check the network; it goes on by itself.'

function token() {
  return /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? ''
}

async function ask<T>(method: string, path: string, body?: unknown, keepalive = false): Promise<T> {
  const headers: Record<string, string> = { Accept: 'application/json' }
  const form = body instanceof FormData
  const bytes = body instanceof Blob
  if (method !== 'GET') headers['X-XSRF-TOKEN'] = decodeURIComponent(token())
  if (body !== undefined && !form)
    headers['Content-Type'] = bytes ? 'application/octet-stream' : 'application/json'
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers,
      keepalive,
      body: body === undefined ? undefined : form || bytes ? (body as BodyInit) : JSON.stringify(body),
    })
  } catch {
    throw new Refusal(0, OFFLINE)
  }
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T
  const problem = await response.json().catch(() => ({}))
  throw new Refusal(
    response.status,
    problem.detail ?? 'The server did not answer as expected. What was saved is safe. Try again in a moment.',
    problem.rule,
    problem.bound,
    problem.move !== undefined,
  )
}

export const get = <T>(path: string) => ask<T>('GET', path)
export const post = <T>(path: string, body: unknown = {}) => ask<T>('POST', path, body)
export const put = <T = void>(path: string, body: unknown = {}) => ask<T>('PUT', path, body)
export const patch = <T = void>(path: string, body: unknown = {}) => ask<T>('PATCH', path, body)
export const remove = <T = void>(path: string) => ask<T>('DELETE', path)
/** Part of a file, as it is. */
export const sendBytes = <T = void>(path: string, bytes: Blob) => ask<T>('POST', path, bytes)
export const putBytes = <T = void>(path: string, bytes: Blob) => ask<T>('PUT', path, bytes)
/** For an answer that is a file to be saved. */
export async function postForFile(path: string, body: unknown): Promise<Blob> {
  const response = await fetch(path, {
    method: 'POST',
    headers: {
      Accept: 'application/pdf, application/problem+json',
      'Content-Type': 'application/json',
      'X-XSRF-TOKEN': decodeURIComponent(token()),
    },
    body: JSON.stringify(body),
  }).catch(() => {
    throw new Refusal(0, OFFLINE)
  })
  if (response.ok) return response.blob()
  const problem = await response.json().catch(() => ({}))
  throw new Refusal(response.status, problem.detail ?? 'The file could not be made. Nothing was changed.')
}
/** For the moment in which the tab closes: the browser sends it even when the page is gone. */
export const postAtLast = <T>(path: string, body: unknown) => ask<T>('POST', path, body, true)

/** What to tell a person about anything that was thrown. */
export function said(error: unknown) {
  return error instanceof Refusal
    ? error.message
    : 'Something went wrong on this page. What was saved is safe. Load the page again.'
}
