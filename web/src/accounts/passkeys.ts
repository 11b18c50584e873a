import { browserSupportsWebAuthn, startAuthentication, startRegistration } from '@simplewebauthn/browser'
import { post } from '@/api/client'
import type { Me } from '@/api/schema'

/** Whether this page can use passkeys: they belong to a name, never to a bare number, and want a safe connection. */
export function passkeysFit(): boolean {
  const number = /^[0-9.]+$|^\[/.test(location.hostname)
  return window.isSecureContext && !number && browserSupportsWebAuthn()
}

type Options<Call extends (about: never) => unknown> = Parameters<Call>[0] extends { optionsJSON: infer O }
  ? O
  : never

/** Asks the device for a new passkey and gives it to the server. @throws where the device or the server takes none */
export async function addPasskey(name: string) {
  const { options } = await post('/api/v1/me/passkey-challenges')
  const credential = await startRegistration({
    optionsJSON: options as unknown as Options<typeof startRegistration>,
  })
  await post('/api/v1/me/passkeys', { name, credential: { ...credential } })
}

/** Signs in by a passkey of this device. @throws where there is none, or it is not known */
export async function signInByPasskey(): Promise<Me> {
  const { options } = await post('/api/v1/passkey-challenges')
  const credential = await startAuthentication({
    optionsJSON: options as unknown as Options<typeof startAuthentication>,
  })
  return post('/api/v1/passkey-sign-ins', { credential: { ...credential } })
}

/** Whether somebody closed what their device asked, which is no fault. */
export const wasLeft = (error: unknown) =>
  error instanceof Error && ['NotAllowedError', 'AbortError'].includes(error.name)
