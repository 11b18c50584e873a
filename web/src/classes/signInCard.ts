/** What lets one student in: a PIN or three pictures, known while the card is shown and never again. */
export interface SignInCard {
  id: string
  name: string
  pin?: string
  pictures?: string[]
}
