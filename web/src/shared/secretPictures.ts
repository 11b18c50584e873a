import {
  PhBicycle,
  PhBird,
  PhBoat,
  PhCat,
  PhCloud,
  PhFish,
  PhFlower,
  PhHouse,
  PhMoon,
  PhOrangeSlice,
  PhPlanet,
  PhRocket,
  PhStar,
  PhSun,
  PhTree,
  PhUmbrella,
} from '@phosphor-icons/vue'
import type { Component } from 'vue'

/** The pictures by which small children sign in, by the names that the server knows them by. */
export const SECRET_PICTURES = [
  { name: 'star', icon: PhStar },
  { name: 'moon', icon: PhMoon },
  { name: 'sun', icon: PhSun },
  { name: 'rocket', icon: PhRocket },
  { name: 'planet', icon: PhPlanet },
  { name: 'cloud', icon: PhCloud },
  { name: 'tree', icon: PhTree },
  { name: 'flower', icon: PhFlower },
  { name: 'fish', icon: PhFish },
  { name: 'cat', icon: PhCat },
  { name: 'bird', icon: PhBird },
  { name: 'boat', icon: PhBoat },
  { name: 'house', icon: PhHouse },
  { name: 'bicycle', icon: PhBicycle },
  { name: 'umbrella', icon: PhUmbrella },
  { name: 'orange', icon: PhOrangeSlice },
] as const satisfies { name: string; icon: Component }[]
export const SECRET_LENGTH = 3

export const pictureNamed = (name: string): Component | undefined =>
  SECRET_PICTURES.find((one) => one.name === name)?.icon
