import type { InjectionKey } from 'vue'
import type { Link } from '@/api/schema'

/** How words that lead somewhere are followed, where they can be. */
export interface Leading {
  follow(link: Link): void
  /** What a screen reader says of them. */
  name(text: string, link: Link): string
}
export const LEADING: InjectionKey<Leading> = Symbol('leading')
