import { describe, expect, it } from 'vitest'
import { askedWeights, iconsInScripts, keptWeights } from './iconWeights'

describe('the weights of an icon', () => {
  const asked = askedWeights([
    '<template><PhStar :size="2" weight="fill" aria-hidden="true" /><PhMoon :title="a > b" /></template>',
    `<template><PhHeart
        :weight="liked ? 'fill' : 'bold'"
      /><component :is="one.icon" weight="duotone" /></template>`,
  ])
  it('are those that templates ask for, and the usual one', () => {
    expect([...keptWeights('PhStar', asked, new Set())]).toEqual(['regular', 'fill'])
    expect([...keptWeights('PhHeart', asked, new Set())].sort()).toEqual(['bold', 'fill', 'regular'])
    expect([...keptWeights('PhMoon', asked, new Set())]).toEqual(['regular'])
  })
  it('are those of a component, where an icon is shown as one', () => {
    const byIs = iconsInScripts([
      `import { PhFish, PhStar } from '@phosphor-icons/vue'\nexport const all = [{ icon: PhFish }]`,
      `<script setup lang="ts">\nimport { PhStar } from '@phosphor-icons/vue'\n</script>\n<template><PhStar /></template>`,
    ])
    expect([...byIs]).toEqual(['PhFish'])
    expect([...keptWeights('PhFish', asked, byIs)].sort()).toEqual(['duotone', 'regular'])
  })
})
