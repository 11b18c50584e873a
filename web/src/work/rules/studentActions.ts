import { t } from '@/i18n'
import { nextTick, type Ref } from 'vue'
import { refusalWords } from '@/work/attempt/refusal'
import type { Act, Frame, Gap, Item, Verdict, Zone } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import { originalOf } from '@/page/items'
import { itemName } from '@/page/names'
import { wholeOf } from '@/page/sized'
import { toldOf, toldOfCheck, toldOfTyped } from './feedback'
import { alongRail } from './rules'
import { play } from '@/work/media/sounds'
import { speak } from '@/work/media/speak'
import type { Ahead, Things } from './things'
import { backFrom, inverse, liesAfter, untyped, type PiecePlace } from './undo'
import type { Work } from '@/work/attempt/work'

export interface Telling {
  say(words: string): void
  hint(words: string): void
  /** A piece that settled takes no more keys; the next one that does gets them. */
  goOnFrom(pieceId: string): void
  /** What undoes something that was done. */
  remember(act: Act): void
}
const QUARTER_HOUR = 15

/** What somebody does on a page, each told to the server, and what becomes of it told to them. */
export function useStudentActions(
  pageId: () => string,
  work: () => Work,
  { state, states, zones, original, find, spoken }: Things,
  ahead: Ref<Ahead>,
  telling: Telling,
) {
  async function make(act: Act): Promise<Verdict | null> {
    try {
      return await work().make(act)
    } catch (error) {
      telling.say(refusalWords(error))
      return null
    }
  }

  /** How pieces will lie whose put is on its way. */
  const onTheirWay = new Map<string, Promise<PiecePlace | undefined>>()

  async function put(one: PlacedItem, wanted: Frame, turn?: number) {
    const { id, item } = one
    const to = alongRail(original(id), wholeOf(wanted, original(id).frame))
    const focused = document.activeElement?.getAttribute('data-piece') === originalOf(id)
    const turned = turn === undefined ? {} : { turn }
    const was = onTheirWay.get(id) ?? Promise.resolve<PiecePlace | undefined>(states.value[id])
    const home = original(id).frame
    ahead.value = { ...ahead.value, [id]: { x: to.x, y: to.y, ...turned } }
    const act = { kind: 'put', pageId: pageId(), pieceId: id, x: to.x, y: to.y, ...turned } as const
    const asked = make(act)
    const after = Promise.all([was, asked]).then(([was, verdict]) => liesAfter(act, was, verdict))
    onTheirWay.set(id, after)
    const verdict = await asked
    if (verdict) tell(id, item, verdict)
    const back = backFrom(act, home, await was, verdict)
    if (onTheirWay.get(id) === after) onTheirWay.delete(id)
    if (back) telling.remember(back)
    const rest = { ...ahead.value }
    delete rest[id]
    ahead.value = rest
    if (focused) {
      await nextTick()
      // Who has gone on to another piece while the server answered is left there.
      const at = document.activeElement
      if (!at || at === document.body || at.getAttribute('data-piece') === originalOf(id))
        telling.goOnFrom(originalOf(id))
    }
  }

  function tell(id: string, item: Item, verdict: Verdict) {
    const zone = zones.value.find((one) => one.id === verdict.zoneId)
    heard(toldOf(itemName(item), zone ? itemName(zone) : '', verdict), verdict)
    const speech = work().said.value[id]
    if (speech && verdict.says === 'BELONGS') speak(speech)
  }

  function heard(words: string, verdict: Verdict) {
    if (words) telling.say(words)
    if (verdict.hint) telling.hint(verdict.hint)
    play(verdict.reply?.sound)
  }

  /** What is not judged, and can be taken back. */
  async function plainly(act: Act) {
    const back = inverse(act, state.value)
    await make(act)
    if (back) telling.remember(back)
  }

  return {
    put,
    async type(gap: Gap, text: string) {
      const act = { kind: 'type', pageId: pageId(), gapId: gap.id, text } as const
      const before = state.value
      const verdict = await make(act)
      const back = untyped(act, before, verdict)
      if (back) telling.remember(back)
      if (verdict) heard(toldOfTyped(itemName(gap), verdict), verdict)
    },
    async check(zone: Zone) {
      const verdict = await make({ kind: 'check', pageId: pageId(), zoneId: zone.id })
      if (verdict) heard(t('told.zone', { zone: itemName(zone), told: toldOfCheck(verdict) }), verdict)
    },
    async turnOver(one: PlacedItem) {
      await plainly({ kind: 'turn-over', pageId: pageId(), itemId: one.id })
      // A card that was turned is read: who does not see it plays as well.
      telling.say(spoken(find(one.id), false))
    },
    /** @param fine by a single degree, where the piece turns by any angle */
    async turnBy(one: PlacedItem, way: number, fine = false) {
      const movement = one.item.movement
      const by = (movement.kind === 'turns' && movement.step) || (fine ? 1 : QUARTER_HOUR)
      const frame = one.item.frame
      await put(one, frame, (frame.turn + way * by + 360) % 360)
      const degrees = Math.round(find(one.id).item.frame.turn)
      telling.say(t('turned.to', { name: itemName(one.item), degrees }))
    },
    write: (id: string, text: string) => void plainly({ kind: 'write', pageId: pageId(), noteId: id, text }),
    slide: (id: string, share: number) =>
      void plainly({ kind: 'slide', pageId: pageId(), coverId: id, share }),
  }
}
