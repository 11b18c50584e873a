import type { AnswerKey, Decide, PieceFacts, AnswerTerms, ZoneRequirements, ZoneRule } from '@/api/schema'

/** Core's AnswerKey as the browser needs it: to show cells, and to forget what is gone. */
export type Decision = Decide['decision']
export const USUAL: ZoneRule = { accept: 'IN_SLOT', reject: 'GOES_BACK' }
export const NO_FACTS: PieceFacts = {}

/** What was said of this one cell. */
export const saidOf = (key: AnswerKey, zoneId: string, pieceId: string): Decision =>
  (key.decisions[zoneId]?.[pieceId] as Decision | undefined) ?? 'UNDECIDED'

export const ruleOf = (key: AnswerKey, zoneId: string): ZoneRule => key.rules[zoneId] ?? USUAL
export const factsOf = (key: AnswerKey, pieceId: string): PieceFacts => key.facts?.[pieceId] ?? NO_FACTS
export const termsOf = (key: AnswerKey): AnswerTerms => key.terms ?? {}

/** Said of the cell itself; else by the labels that the zone takes; else by the piece belonging nowhere. */
export function decisionOf(key: AnswerKey, zoneId: string, pieceId: string): Decision {
  const said = saidOf(key, zoneId, pieceId)
  if (said !== 'UNDECIDED') return said
  const facts = factsOf(key, pieceId)
  if (facts.nowhere) return 'DOES_NOT_BELONG'
  const takes = ruleOf(key, zoneId).wants?.takes ?? []
  if (takes.length === 0) return 'UNDECIDED'
  return takes.some((label) => facts.labels?.includes(label)) ? 'BELONGS' : 'DOES_NOT_BELONG'
}

const isUsual = (rule: ZoneRule) =>
  Object.keys(rule).length === 2 && rule.accept === USUAL.accept && rule.reject === USUAL.reject
const isEmpty = (all: object) => Object.keys(all).length === 0

/** The same map with one entry set, or taken away where there is nothing to say. */
function put<T>(all: Record<string, T> | undefined, id: string, one: T | null): Record<string, T> {
  const { [id]: _, ...rest } = all ?? {}
  return one === null ? rest : { ...rest, [id]: one }
}

/** Parts that are empty are left out, as core leaves them out. */
function tidy(key: AnswerKey): AnswerKey {
  const { facts, typed, sets, terms, ...rest } = key
  return {
    ...rest,
    ...(facts && !isEmpty(facts) ? { facts } : {}),
    ...(typed && !isEmpty(typed) ? { typed } : {}),
    ...(sets?.length ? { sets } : {}),
    ...(terms && !isEmpty(terms) ? { terms } : {}),
  }
}

export function withDecision(key: AnswerKey, zoneId: string, pieceId: string, decision: Decision): AnswerKey {
  const row = put(key.decisions[zoneId], pieceId, decision === 'UNDECIDED' ? null : decision)
  return { ...key, decisions: put(key.decisions, zoneId, isEmpty(row) ? null : row) as never }
}
export const withRule = (key: AnswerKey, zoneId: string, rule: ZoneRule): AnswerKey => ({
  ...key,
  rules: put(key.rules, zoneId, isUsual(rule) ? null : rule),
})
export const withFacts = (key: AnswerKey, pieceId: string, facts: PieceFacts): AnswerKey =>
  tidy({ ...key, facts: put(key.facts, pieceId, isEmpty(facts) ? null : facts) })
export const withTyped = (
  key: AnswerKey,
  gapId: string,
  typed: NonNullable<AnswerKey['typed']>[string] | null,
): AnswerKey => tidy({ ...key, typed: put(key.typed, gapId, typed) })
export const withSets = (key: AnswerKey, sets: AnswerKey['sets']): AnswerKey => tidy({ ...key, sets })
export const withTerms = (key: AnswerKey, terms: AnswerTerms): AnswerKey => tidy({ ...key, terms })

/** The key with nothing said of that piece, zone or gap. */
export function without(key: AnswerKey, itemId: string): AnswerKey {
  const decisions: AnswerKey['decisions'] = {}
  for (const [zone, row] of Object.entries(key.decisions)) {
    const kept = put(row, itemId, null)
    if (zone !== itemId && !isEmpty(kept)) decisions[zone] = kept
  }
  const rules: AnswerKey['rules'] = {}
  for (const [zone, rule] of Object.entries(key.rules)) {
    const left = ruleWithout(rule, itemId)
    if (zone !== itemId && !isUsual(left)) rules[zone] = left
  }
  return tidy({
    ...key,
    decisions,
    rules,
    facts: put(key.facts, itemId, null),
    typed: put(key.typed, itemId, null),
    sets: key.sets?.filter((set) => !set.zoneIds.includes(itemId)).map((set) => setWithout(set, itemId)),
  })
}

function setWithout(set: NonNullable<AnswerKey['sets']>[number], pieceId: string) {
  const { choices, ...rest } = set
  const left = choices?.filter((row) => !row.includes(pieceId)) ?? []
  return left.length ? { ...rest, choices: left } : rest
}

function ruleWithout(rule: ZoneRule, pieceId: string): ZoneRule {
  const { wants, ...rest } = rule
  if (!wants) return rule
  const counts = put(wants.counts, pieceId, null)
  const { counts: _, sequence, ...others } = wants
  const left: ZoneRequirements = {
    ...others,
    ...(sequence ? { sequence: { ...sequence, places: put(sequence.places, pieceId, null) } } : {}),
    ...(isEmpty(counts) ? {} : { counts }),
  }
  return isEmpty(left) ? rest : { ...rest, wants: left }
}

/** The key with nothing said of that page itself. */
export function withoutPage(key: AnswerKey, pageId: string): AnswerKey {
  if (!key.terms) return key
  const { weights, pageSeconds, ...rest } = key.terms
  const left = put(weights, pageId, null)
  const times = put(pageSeconds, pageId, null)
  return withTerms(key, {
    ...rest,
    ...(isEmpty(left) ? {} : { weights: left }),
    ...(isEmpty(times) ? {} : { pageSeconds: times }),
  })
}
