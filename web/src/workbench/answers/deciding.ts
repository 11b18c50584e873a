import { computed, ref, type Ref } from 'vue'
import type {
  Edit,
  PieceFacts,
  Item,
  Page,
  AnswerTerms,
  TypedKey,
  ZoneRequirements,
  Zone,
  ZoneRule,
  ZoneSet,
} from '@/api/schema'
import type { Decision } from '@/workbench/edits/answerKey'
import { decisionOf, factsOf, ruleOf, saidOf, termsOf } from '@/workbench/edits/answerKey'
import { composite } from '@/workbench/edits/copies'
import type { Editing } from '@/workbench/edits/editing'
import { piecesOf, zonesOf } from '@/workbench/edits/key'
import { spelled } from './spelling'

const NEXT: Record<Decision, Decision> = {
  UNDECIDED: 'BELONGS',
  BELONGS: 'DOES_NOT_BELONG',
  DOES_NOT_BELONG: 'UNDECIDED',
}

/** A part of something with what is empty left out, so that nothing usual is said. */
export function trimmed<T extends object>(all: T): T {
  const kept = Object.entries(all).filter(([, value]) => {
    if (value === undefined || value === null || value === '' || value === false) return false
    if (Array.isArray(value)) return value.length > 0
    return typeof value !== 'object' || Object.keys(value).length > 0
  })
  return Object.fromEntries(kept) as T
}

/** Everything that can be said in the answer key of a page, each as one edit. */
export function useDeciding(editing: Editing, page: Ref<Page>) {
  const key = computed(() => editing.activity.value.key)
  const zones = computed(() => zonesOf(page.value))
  const pieces = computed(() => piecesOf(page.value))
  const gaps = computed(() => page.value.items.filter((item) => item.kind === 'gap'))
  /** The zone, piece or gap that is looked at. */
  const chosen = ref('')
  const said = (piece: Item, zone: Zone) => decisionOf(key.value, zone.id, piece.id)
  const labels = computed(() =>
    [...new Set(pieces.value.flatMap((piece) => factsOf(key.value, piece.id).labels ?? []))].sort(),
  )
  const pageId = () => page.value.id
  const all = (edits: Edit[]) => edits.length > 0 && editing.edit(composite(edits))

  const cell = (piece: Item, zone: Zone, decision: Decision): Edit => ({
    kind: 'decide',
    pageId: pageId(),
    zoneId: zone.id,
    pieceId: piece.id,
    decision,
  })

  /** Once a piece belongs somewhere, its cells still open are turned away: that is what is meant nearly always. */
  function decide(piece: Item, zone: Zone, decision: Decision) {
    const edits = [cell(piece, zone, decision)]
    if (decision === 'BELONGS') {
      zones.value
        .filter((other) => other !== zone && said(piece, other) === 'UNDECIDED')
        .forEach((other) => edits.push(cell(piece, other, 'DOES_NOT_BELONG')))
    }
    all(edits)
  }
  const cycle = (piece: Item, zone: Zone) => decide(piece, zone, NEXT[said(piece, zone)])

  const column = (zone: Zone, decision: Decision) =>
    all(
      pieces.value
        .filter((piece) => saidOf(key.value, zone.id, piece.id) !== decision)
        .map((piece) => cell(piece, zone, decision)),
    )
  const row = (piece: Item, decision: Decision) =>
    all(
      zones.value
        .filter((zone) => saidOf(key.value, zone.id, piece.id) !== decision)
        .map((zone) => cell(piece, zone, decision)),
    )

  /** Each piece belongs in the zones that are called like one of its labels, and is turned away in the others. */
  function fillFromLabels() {
    const edits: Edit[] = []
    for (const piece of pieces.value) {
      const own = (factsOf(key.value, piece.id).labels ?? []).map((label) => label.toLowerCase())
      if (own.length === 0) continue
      for (const zone of zones.value) {
        const names = [zone.label, zone.description].map((name) => name.trim().toLowerCase())
        const to = names.some((name) => name && own.includes(name)) ? 'BELONGS' : 'DOES_NOT_BELONG'
        if (saidOf(key.value, zone.id, piece.id) !== to) edits.push(cell(piece, zone, to))
      }
    }
    return all(edits)
  }

  /**
   * A zone wants a word spelled with the letters that are there. @returns the letters that no piece has
   */
  function spell(zone: Zone, letters: string[]): string[] {
    const made = spelled(letters, pieces.value)
    if ('missing' in made) return made.missing
    const edits = pieces.value.flatMap((piece) => {
      const to = made.belonging.has(piece.id) ? 'BELONGS' : 'DOES_NOT_BELONG'
      return saidOf(key.value, zone.id, piece.id) === to ? [] : [cell(piece, zone, to)]
    })
    const rule = ruleOf(key.value, zone.id)
    const wants = {
      ...rule.wants,
      sequence: made.sequence,
      capacity: Object.keys(made.sequence.places).length,
    }
    edits.push({ kind: 'set-rule', pageId: pageId(), zoneId: zone.id, rule: trimmed({ ...rule, wants }) })
    all(edits)
    return []
  }

  const setFacts = (piece: Item, change: Partial<PieceFacts>) =>
    editing.edit({
      kind: 'set-facts',
      pageId: pageId(),
      itemId: piece.id,
      facts: trimmed({ ...factsOf(key.value, piece.id), ...change }),
    })

  function setRule(zone: Zone, change: Partial<ZoneRule>) {
    const rule = trimmed({ ...ruleOf(key.value, zone.id), ...change })
    if (rule.timing === 'AT_ONCE') delete rule.timing
    if (rule.feedback === 'WHICH') delete rule.feedback
    editing.edit({ kind: 'set-rule', pageId: pageId(), zoneId: zone.id, rule })
  }
  const setWants = (zone: Zone, change: Partial<ZoneRequirements>) =>
    setRule(zone, { wants: trimmed({ ...ruleOf(key.value, zone.id).wants, ...change }) })

  const setTyped = (gapId: string, typed: TypedKey | null) =>
    editing.edit({ kind: 'set-typed', pageId: pageId(), itemId: gapId, ...(typed ? { typed } : {}) })
  const setTerms = (change: Partial<AnswerTerms>) =>
    editing.edit({ kind: 'set-terms', terms: trimmed({ ...termsOf(key.value), ...change }) })
  const setSets = (sets: ZoneSet[]) => editing.edit({ kind: 'set-sets', sets })

  return {
    key,
    page,
    zones,
    pieces,
    gaps,
    chosen,
    labels,
    said,
    decide,
    cycle,
    column,
    row,
    fillFromLabels,
    spell,
    setFacts,
    setRule,
    setWants,
    setTyped,
    setTerms,
    setSets,
  }
}
export type Deciding = ReturnType<typeof useDeciding>
