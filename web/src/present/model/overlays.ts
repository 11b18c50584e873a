/** A cover over the page, drawn back by hand from any of its four sides: what is open there, as shares of the page. */
export interface Covered {
  left: number
  top: number
  right: number
  bottom: number
}

/** Everything but one place is dimmed; in the page's own units, from its middle. */
export interface Spot {
  x: number
  y: number
  width: number
  height: number
  round: boolean
}
