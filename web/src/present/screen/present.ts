import { inject, provide, type InjectionKey } from 'vue'
import type { createPresent } from './createPresent'

export type Present = ReturnType<typeof createPresent>
const KEY: InjectionKey<Present> = Symbol('present')

export const providePresent = (present: Present) => provide(KEY, present)

/** @throws Error outside of the screen that shows something to a class */
export function usePresent(): Present {
  const present = inject(KEY)
  if (!present) throw new Error('nothing is shown to a class here')
  return present
}
