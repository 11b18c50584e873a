import { get, put } from '@/api/client'
import { isLanguage, keepDeviceLanguage, setLanguage, type Language } from './index'

async function speak(code: string) {
  if (!isLanguage(code)) return
  await setLanguage(code)
  keepDeviceLanguage(code)
}

/** The language of who is signed in: their own, else that of their class or school. */
export async function speakOwnLanguage() {
  await speak((await get('/api/v1/me/language')).language)
}

/** Chosen by oneself; it is the same on every device. */
export async function chooseLanguage(code: Language) {
  await speak((await put('/api/v1/me/language', { language: code })).language)
}

/** Before anybody is signed in: that of the class whose code was typed. */
export const speakClassLanguage = speak
