import type { InjectionKey } from 'vue'
import type { Route } from '@/api/types'

/** How words that lead somewhere are followed, where they can be. */
export interface Leading {
  follow(route: Route): void
  /** What a screen reader says of them. */
  name(text: string, route: Route): string
}
export const LEADING: InjectionKey<Leading> = Symbol('leading')
