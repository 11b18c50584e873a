import type { PictureRef } from '@/api/types'

/** Where the browser gets a picture. */
export const pictureUrl = (picture: PictureRef) =>
  picture.from === 'LIBRARY' ? `/library/${picture.name}.svg` : `/api/files/${picture.name}`
