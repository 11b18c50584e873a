import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Activity, Edit } from '@/api/schema'
import { apply, decisionOf, ruleOf } from './mirror'
import { rebase } from './rebase'

interface Case {
  before: Activity
  edit: Edit
  after?: Activity
  over: Edit
  rebased?: Edit
}
const file = '../core/src/test/resources/edit-cases/cases.json'
const { cases } = JSON.parse(readFileSync(file, 'utf8')) as { cases: Case[] }

/** Sines and cosines may differ in their last digit between Java and the browser. */
function rounded(value: unknown): unknown {
  if (typeof value === 'number') return Math.round(value * 1e6) / 1e6 + 0
  if (Array.isArray(value)) return value.map(rounded)
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([name, part]) => [name, rounded(part)]))
}

describe('the mirror of core', () => {
  it.each(cases.map((one, i) => [i, one.edit.kind, one] as const))(
    'applies case %i, %s, as core does',
    (_, __, one) => {
      expect(rounded(apply(one.before, one.edit))).toEqual(rounded(one.after ?? null))
    },
  )

  it.each(cases.map((one, i) => [i, one.edit.kind, one.over.kind, one] as const))(
    'rebases case %i, %s over %s, as core does',
    (_, __, ___, one) => {
      expect(rebase(one.edit, one.over)).toEqual(one.rebased ?? null)
    },
  )

  /** Core's own test counts how often each kind changes something and gives way; here none may be missing. */
  it('has enough cases of every kind', () => {
    const of = new Map<string, number>()
    for (const one of cases) if (one.after) of.set(one.edit.kind, (of.get(one.edit.kind) ?? 0) + 1)
    expect(of.size).toBe(29)
    for (const [kind, count] of of) expect(count, kind).toBeGreaterThanOrEqual(20)
  })

  it('leaves the activity it was given alone, and what an edit does not touch the same', () => {
    const one = cases.find((c) => c.edit.kind === 'set-frame' && c.after)!
    const copy = structuredClone(one.before)
    const after = apply(one.before, one.edit)!
    expect(one.before).toEqual(copy)
    const untouched = one.before.pages.filter((page) => 'pageId' in one.edit && page.id !== one.edit.pageId)
    untouched.forEach((page) => expect(after.pages).toContain(page))
  })
})

describe('the key', () => {
  it('takes what it does not say for undecided and usual', () => {
    const key = { decisions: {}, rules: {} }
    expect(decisionOf(key, 'zone', 'piece')).toBe('UNDECIDED')
    expect(ruleOf(key, 'zone')).toEqual({ accept: 'IN_SLOT', reject: 'GOES_BACK' })
  })
})
