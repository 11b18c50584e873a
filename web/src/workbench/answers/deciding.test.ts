import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Activity, Edit, Item, Page } from '@/api/schema'
import type { Editing } from '@/workbench/edits/editing'
import { apply } from '@/workbench/edits/mirror'
import { trimmed, useDeciding } from './deciding'

const FIXED = { kind: 'fixed' } as const
const zone = (id: string, x: number): Item => ({
  kind: 'zone',
  id,
  frame: { x, y: 0, width: 300, height: 300, turn: 0 },
  movement: FIXED,
  description: '',
  label: id,
})
const piece = (id: string, x: number): Item => ({
  kind: 'picture',
  id,
  frame: { x, y: 800, width: 90, height: 90, turn: 0 },
  movement: { kind: 'free' },
  description: id,
  picture: { from: 'LIBRARY', name: '1F319' },
  credit: '',
})
const page: Page = {
  id: 'p',
  name: 'Sky',
  paper: { colour: '#ffffff' },
  items: [zone('planet', 0), zone('star', 400), piece('Mars', 0), piece('Vega', 200), piece('Comet', 400)],
}

function workbench() {
  const activity = ref<Activity>({ title: 'Sky', pages: [page], key: { decisions: {}, rules: {} } })
  const made: Edit[] = []
  const editing = {
    activity,
    edit(edit: Edit) {
      made.push(edit)
      const next = apply(activity.value, edit)
      if (next) activity.value = next
      return Boolean(next)
    },
  } as unknown as Editing
  return { ...useDeciding(editing, ref(page)), made, activity }
}

describe('deciding who belongs where', () => {
  it('turns a piece away in the other zones once it belongs in one, as one edit', () => {
    const it_ = workbench()
    it_.decide(it_.pieces.value[0]!, it_.zones.value[0]!, 'BELONGS')
    expect(it_.made).toHaveLength(1)
    expect(it_.said(it_.pieces.value[0]!, it_.zones.value[1]!)).toBe('DOES_NOT_BELONG')
  })

  it('cycles a cell: belongs, turned away, open again', () => {
    const it_ = workbench()
    const [mars] = it_.pieces.value
    const [planet] = it_.zones.value
    const seen = [1, 2, 3].map(() => {
      it_.cycle(mars!, planet!)
      return it_.said(mars!, planet!)
    })
    expect(seen).toEqual(['BELONGS', 'DOES_NOT_BELONG', 'UNDECIDED'])
  })

  it('sets a whole column or row in one edit, and makes none where nothing changes', () => {
    const it_ = workbench()
    it_.column(it_.zones.value[0]!, 'BELONGS')
    it_.column(it_.zones.value[0]!, 'BELONGS')
    it_.row(it_.pieces.value[2]!, 'DOES_NOT_BELONG')
    expect(it_.made).toHaveLength(2)
    expect(it_.pieces.value.map((one) => it_.said(one, it_.zones.value[0]!))).toEqual([
      'BELONGS',
      'BELONGS',
      'DOES_NOT_BELONG',
    ])
  })

  it('fills the table from labels that zones are called by', () => {
    const it_ = workbench()
    it_.setFacts(it_.pieces.value[0]!, { labels: ['Planet'] })
    it_.setFacts(it_.pieces.value[1]!, { labels: ['star'] })
    expect(it_.fillFromLabels()).toBe(true)
    const [mars, vega, comet] = it_.pieces.value
    const [planet, star] = it_.zones.value
    expect(it_.said(mars!, planet!)).toBe('BELONGS')
    expect(it_.said(mars!, star!)).toBe('DOES_NOT_BELONG')
    expect(it_.said(vega!, star!)).toBe('BELONGS')
    expect(it_.said(comet!, star!)).toBe('UNDECIDED')
    expect(it_.fillFromLabels()).toBe(false)
  })

  it('sees what a zone takes by label, and that a piece belongs nowhere', () => {
    const it_ = workbench()
    const [mars, vega, comet] = it_.pieces.value
    const [planet] = it_.zones.value
    it_.setFacts(mars!, { labels: ['near'] })
    it_.setWants(planet!, { takes: ['near'] })
    it_.setFacts(comet!, { nowhere: true })
    expect(it_.said(mars!, planet!)).toBe('BELONGS')
    expect(it_.said(vega!, planet!)).toBe('DOES_NOT_BELONG')
    expect(it_.said(comet!, it_.zones.value[1]!)).toBe('DOES_NOT_BELONG')
  })

  it('says nothing of what is usual', () => {
    const it_ = workbench()
    const [planet] = it_.zones.value
    it_.setRule(planet!, { timing: 'ON_CHECK', feedback: 'HOW_MANY' })
    it_.setRule(planet!, { timing: 'AT_ONCE', feedback: 'WHICH' })
    expect(it_.activity.value.key.rules).toEqual({})
    expect(trimmed({ a: '', b: [], c: {}, d: false, e: 0 })).toEqual({ e: 0 })
  })
})
