import { language, t } from '@/i18n'
import type { AnswerOf, BodyOf, ItemOf, Known } from './addresses'
import { keptAnswer, keepAnswer, tagOf } from './answersByTag'

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

function token() {
  return /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? ''
}

async function ask<T>(method: string, path: string, body?: unknown, keepalive = false): Promise<T> {
  const headers: Record<string, string> = {
    Accept: 'application/json',
    // Refusals come in the language of the screen.
    'Accept-Language': language.value,
  }
  const form = body instanceof FormData
  const bytes = body instanceof Blob
  if (method !== 'GET') headers['X-XSRF-TOKEN'] = decodeURIComponent(token())
  const tag = method === 'GET' ? tagOf(path) : undefined
  if (tag) headers['If-None-Match'] = tag
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
    throw new Refusal(0, t('client.offline'))
  }
  if (response.status === 304) return keptAnswer(path) as T
  if (response.ok) {
    if (response.status === 204) return undefined as T
    const etag = method === 'GET' ? response.headers.get('ETag') : null
    return (etag ? keepAnswer(path, etag, await response.text()) : await response.json()) as T
  }
  const problem = await response.json().catch(() => ({}))
  throw new Refusal(
    response.status,
    problem.detail ?? t('client.unexpected'),
    problem.rule,
    problem.bound,
    problem.move !== undefined,
  )
}

/**
 * The address says what comes back: its type is looked up in the interface's document (addresses.ts), and one that is not
 * in there does not compile.
 */
export const get = <const P extends string>(path: P, ..._: Known<'get', P>) =>
  ask<AnswerOf<'get', P>>('GET', path)
/** All of a list, part by part. */
export async function getAll<const P extends string>(
  path: P,
  ..._: Known<'get', P>
): Promise<ItemOf<'get', P>[]> {
  const all: ItemOf<'get', P>[] = []
  let cursor = ''
  do {
    const part: { items: ItemOf<'get', P>[]; next?: string } = await ask('GET', withQuery(path, cursor))
    all.push(...part.items)
    cursor = part.next ?? ''
  } while (cursor)
  return all
}
/** As large a part as there is. */
const PART = 500
function withQuery(path: string, cursor: string) {
  const query = new URLSearchParams({ limit: String(PART), ...(cursor ? { cursor } : {}) })
  return `${path}${path.includes('?') ? '&' : '?'}${query}`
}
export const post = <const P extends string>(path: P, body?: BodyOf<'post', P>, ..._: Known<'post', P>) =>
  ask<AnswerOf<'post', P>>('POST', path, body ?? {})
export const put = <const P extends string>(path: P, body?: BodyOf<'put', P>, ..._: Known<'put', P>) =>
  ask<AnswerOf<'put', P>>('PUT', path, body ?? {})
export const patch = <const P extends string>(path: P, body?: BodyOf<'patch', P>, ..._: Known<'patch', P>) =>
  ask<AnswerOf<'patch', P>>('PATCH', path, body ?? {})
export const remove = <const P extends string>(path: P, ..._: Known<'delete', P>) =>
  ask<AnswerOf<'delete', P>>('DELETE', path)
/** Part of a file, as it is. */
export const sendBytes = <const P extends string>(path: P, bytes: Blob, ..._: Known<'post', P>) =>
  ask<AnswerOf<'post', P>>('POST', path, bytes)
export const putBytes = <const P extends string>(path: P, bytes: Blob, ..._: Known<'put', P>) =>
  ask<AnswerOf<'put', P>>('PUT', path, bytes)
/** For an answer that is a file to be saved. */
export async function postForFile(path: string, body: unknown): Promise<Blob> {
  const response = await fetch(path, {
    method: 'POST',
    headers: {
      Accept: 'application/pdf, application/problem+json',
      'Accept-Language': language.value,
      'Content-Type': 'application/json',
      'X-XSRF-TOKEN': decodeURIComponent(token()),
    },
    body: JSON.stringify(body),
  }).catch(() => {
    throw new Refusal(0, t('client.offline'))
  })
  if (response.ok) return response.blob()
  const problem = await response.json().catch(() => ({}))
  throw new Refusal(response.status, problem.detail ?? t('client.no-file'))
}
/** For the moment in which the tab closes: the browser sends it even when the page is gone. */
export const postAtLast = <const P extends string>(
  path: P,
  body: BodyOf<'post', P>,
  ..._: Known<'post', P>
) => ask<AnswerOf<'post', P>>('POST', path, body, true)

/** What to tell a person about anything that was thrown. */
export function errorText(error: unknown) {
  return error instanceof Refusal ? error.message : t('client.fault')
}
