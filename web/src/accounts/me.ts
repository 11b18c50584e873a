import { computed, ref } from 'vue'
import { get, Refusal, remove } from '@/api/client'
import type { Me } from '@/api/schema'
import { speakOwnLanguage } from '@/i18n/own'
import { router } from '@/router'
import { passOver } from '@/shared/passOver'

export const me = ref<Me | null>(null)
/** An assistant sees what their classes do and changes nothing. */
export const looksOnly = computed(() => me.value?.role === 'ASSISTANT')

/** In whose language the screens are. */
let spokenTo = ''

/** Makes sure that a teacher is signed in; else goes to where one signs in, and comes back from there. */
export async function needTeacher(): Promise<boolean> {
  try {
    me.value ??= await get('/api/v1/me')
    if (me.value.kind === 'TEACHER' && spokenTo !== me.value.id) {
      spokenTo = me.value.id
      await speakOwnLanguage().catch(passOver('it goes on in the language of the device'))
    }
  } catch (error) {
    if (!(error instanceof Refusal) || error.status !== 401) throw error
  }
  if (me.value?.kind === 'TEACHER') return true
  await router.replace({ path: '/sign-in', query: { then: router.currentRoute.value.fullPath } })
  return false
}

/** As {@link needTeacher}, for what administrators do; others are told that it is not theirs. */
export async function needAdministrator(): Promise<boolean> {
  if (!(await needTeacher())) return false
  if (me.value?.role === 'ADMINISTRATOR') return true
  await router.replace('/activities')
  return false
}

export async function signOut() {
  await remove('/api/v1/session')
  me.value = null
  spokenTo = ''
  await router.push('/sign-in')
}
