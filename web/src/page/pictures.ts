import type { PictureRef } from '@/api/schema'

/** Where the browser gets a picture; a moving one at rest where that is wanted. */
export const pictureUrl = (picture: PictureRef, still?: boolean) =>
  picture.from === 'LIBRARY'
    ? `/library/${picture.name}.svg`
    : `/api/v1/files/${picture.name}${still ? '?still=true' : ''}`

let asked: MediaQueryList | null = null
/** Whether somebody asked their device for less motion. */
export function calm(): boolean {
  asked ??= typeof matchMedia === 'function' ? matchMedia('(prefers-reduced-motion: reduce)') : null
  return asked?.matches ?? false
}
