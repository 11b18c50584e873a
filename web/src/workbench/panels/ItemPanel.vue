<script setup lang="ts">
import { t } from '@/i18n'
import { PhCopy, PhCrosshair, PhTarget, PhTrash } from '@phosphor-icons/vue'
import { computed } from 'vue'
import type { Item } from '@/api/schema'
import { letter, middle, type Point } from '@/page/geometry'
import { alwaysFixed, groupsOf, isPiece, traitsOf } from '@/page/items'
import { itemName, kindName } from '@/page/names'
import { mayReshape } from '@/page/reshaped'
import { pictureUrl } from '@/page/pictures'
import type { Workbench } from '@/workbench/useWorkbench'
import CutButtons from './CutButtons.vue'
import { seenOutline } from '@/workbench/pictures/cutout'
import DepthButtons from './DepthButtons.vue'
import ItemSize from './ItemSize.vue'
import LikeBefore from './LikeBefore.vue'
import ListButtons from '@/workbench/list/ListButtons.vue'
import KeepButton from '@/workbench/library/KeepButton.vue'
import DraftField from './DraftField.vue'
import { zonesOf } from '@/workbench/edits/key'
import VideoPanel from './VideoPanel.vue'
import LinkField from './LinkField.vue'
import AppearancePanel from './AppearancePanel.vue'
import { decisionOf } from '@/workbench/edits/mirror'
import MovementPanel from './MovementPanel.vue'
import NextButton from '@/workbench/steps/NextButton.vue'
import PicturePanel from './PicturePanel.vue'
import SpeechPanel from './SpeechPanel.vue'
import StyleButtons from './StyleButtons.vue'
import SidePanel from './SidePanel.vue'
import TablePanel from './TablePanel.vue'
import WordsPanel from './WordsPanel.vue'
import { targetAt } from '@/workbench/stage/targets'
import { mayTake, takingPieces } from '@/workbench/edits/zoneForms'

/** What is selected, and what can be said of it. */
const props = defineProps<{ workbench: Workbench; item: Item }>()
const emit = defineEmits<{ picture: [what: 'side' | 'poster' | 'replace' | 'fill' | [number, number]] }>()

const at = computed(() => ({ pageId: props.workbench.page.value.id, itemId: props.item.id }))
const belongs = computed(() =>
  zonesOf(props.workbench.page.value)
    .map((zone, i) => ({ zone, sign: letter(i) }))
    .filter(
      ({ zone }) =>
        decisionOf(props.workbench.editing.activity.value.key, zone.id, props.item.id) === 'BELONGS',
    ),
)
const setErasable = (on: boolean) =>
  props.workbench.setTraits(({ erasable: _, ...rest }) => (on ? { ...rest, erasable: true } : rest))
const setReshapable = (on: boolean) =>
  props.workbench.setTraits(({ reshapable: _, ...rest }) => (on ? { ...rest, reshapable: true } : rest))
function setCarried(on: boolean) {
  if (props.item.kind !== 'zone') return
  const { carried: _, ...rest } = props.item
  props.workbench.setBody(on ? { ...rest, carried: true } : rest)
}
const describe = (description: string) =>
  props.workbench.edit({ kind: 'set-description', ...at.value, description })
const label = (text: string) => props.workbench.edit({ kind: 'set-zone-label', ...at.value, label: text })
/** Whether a drop zone lies on it already, in its group. */
const taken = computed(() =>
  props.workbench.page.value.items.some(
    (one) =>
      one.kind === 'zone' && groupsOf(one)[0] !== undefined && groupsOf(one)[0] === groupsOf(props.item)[0],
  ),
)
async function take() {
  const { item } = props
  const page = props.workbench.page.value
  let seen: Point[] | null = null
  if (item.kind === 'picture')
    try {
      seen = await seenOutline(item)
    } catch {
      // A picture that cannot be read here is taken as a box.
      props.workbench.editing.tell(t('workbench.the-picture-could-not-be-looked'))
    }
  if (props.workbench.page.value !== page || props.item.id !== item.id) return
  const { edits } = takingPieces(page, item, seen)
  props.workbench.edit({ kind: 'composite', edits })
  props.workbench.editing.note(
    isPiece(props.item)
      ? t('workbench.item-takes-pieces-now-and-what', { item: itemName(props.item) })
      : t('workbench.item-takes-pieces-now-decide-in', { item: itemName(props.item) }),
  )
}
const mayTarget = computed(
  () => ['picture', 'shape', 'ink'].includes(props.item.kind) && props.item.movement.kind === 'fixed',
)
/** By hand one after another; who has only keys gets one in the middle. */
function target(event: MouseEvent) {
  const { workbench, item } = props
  if (workbench.tool.value.is === 'targets') workbench.take({ is: 'hand' })
  else if (event.detail > 0) workbench.take({ is: 'targets', pictureId: item.id })
  else {
    const at = middle(item.frame)
    const { edits, zoneId } = targetAt(workbench.page.value, item, at, at)
    if (workbench.edit({ kind: 'composite', edits })) workbench.select([zoneId], 'inside')
  }
}
const sort = computed(() => {
  const name = kindName(props.item.kind)
  if (alwaysFixed(props.item)) return name
  return isPiece(props.item)
    ? t('workbench.kind-piece', { kind: name })
    : t('workbench.kind-background', { kind: name })
})
</script>

<template>
  <div class="item-panel">
    <div class="head">
      <span v-if="item.kind === 'picture'" class="small"
        ><img :src="pictureUrl(item.picture)" alt="" width="38" height="38"
      /></span>
      <div>
        <h2>{{ itemName(item) }}</h2>
        <p class="soft">{{ sort }}</p>
      </div>
    </div>

    <LikeBefore :workbench="workbench" :item="item" />
    <NextButton v-if="item.kind === 'words'" :workbench="workbench" :item="item" />
    <CutButtons :workbench="workbench" />
    <WordsPanel
      v-if="item.kind === 'words' || item.kind === 'note' || item.kind === 'shape' || workbench.writing.value"
      :workbench="workbench"
      :item="item"
    />
    <TablePanel
      v-if="item.kind === 'table'"
      :workbench="workbench"
      :item="item"
      @picture="(r, c) => emit('picture', [r, c])"
    />
    <MovementPanel v-if="!alwaysFixed(item)" :workbench="workbench" />
    <label v-if="item.kind === 'ink' && item.movement.kind === 'fixed'" class="check"
      ><input
        type="checkbox"
        :checked="traitsOf(item).erasable"
        @change="setErasable(($event.target as HTMLInputElement).checked)"
      />{{ t('workbench.students-may-rub-this-away') }}</label
    >
    <label v-if="mayReshape(item)" class="check"
      ><input
        type="checkbox"
        :checked="traitsOf(item).reshapable"
        @change="setReshapable(($event.target as HTMLInputElement).checked)"
      />{{ t('workbench.its-corners-can-be-pulled-in') }}</label
    >
    <label v-if="item.kind === 'zone'"
      >{{ t('workbench.written-on-it')
      }}<DraftField :key="item.id" :value="item.label" maxlength="300" @commit="label"
    /></label>
    <label v-if="item.kind === 'zone' && groupsOf(item).length" class="check"
      ><input
        type="checkbox"
        :checked="item.carried"
        @change="setCarried(($event.target as HTMLInputElement).checked)"
      />{{ t('workbench.moves-with-the-piece-it-is') }}</label
    >
    <AppearancePanel :workbench="workbench" :items="[item]" @picture="emit('picture', 'fill')" />
    <StyleButtons :workbench="workbench" />
    <button
      v-if="mayTarget"
      class="btn"
      :aria-pressed="workbench.tool.value.is === 'targets'"
      @click="target"
    >
      <PhCrosshair :size="17" aria-hidden="true" />{{
        workbench.tool.value.is === 'targets'
          ? t('workbench.done-with-places')
          : t('workbench.put-places-for-labels-on-it')
      }}
    </button>
    <button v-if="mayTake(item) && !taken" class="btn" @click="take">
      <PhTarget :size="17" aria-hidden="true" />{{ t('workbench.let-pieces-be-dropped-on-it') }}
    </button>

    <VideoPanel
      v-if="item.kind === 'video'"
      :workbench="workbench"
      :item="item"
      @picture="emit('picture', 'poster')"
    />
    <template v-if="!['zone', 'gap', 'lens', 'cover'].includes(item.kind)">
      <LinkField v-if="item.kind !== 'video'" :workbench="workbench" :item="item" />
      <SpeechPanel v-if="item.kind !== 'video'" :workbench="workbench" :item="item" />
    </template>

    <ItemSize :workbench="workbench" :item="item" />
    <DepthButtons :workbench="workbench" />
    <label v-if="item.kind !== 'words'"
      >{{ t('workbench.described-as') }}
      <DraftField
        :key="item.id"
        :value="item.description"
        maxlength="300"
        :placeholder="t('workbench.what-it-shows')"
        @commit="describe"
    /></label>
    <PicturePanel
      v-if="item.kind === 'picture'"
      :workbench="workbench"
      :item="item"
      @replace="emit('picture', 'replace')"
    />
    <SidePanel
      v-if="['words', 'picture', 'shape', 'note'].includes(item.kind)"
      :workbench="workbench"
      :item="item"
      @picture="emit('picture', 'side')"
    />

    <template v-if="isPiece(item) && zonesOf(workbench.page.value).length">
      <h3>{{ t('workbench.belongs-in') }}</h3>
      <p v-if="belongs.length === 0" class="soft">{{ t('workbench.nowhere-yet-decide-it-in-answers') }}</p>
      <p v-for="{ zone, sign } in belongs" :key="zone.id" class="belongs">
        <span class="letter">{{ sign }}</span>{{ itemName(zone) }}
      </p>
    </template>

    <button v-if="groupsOf(item).length" class="btn" @click="workbench.ungroup">
      {{ t('workbench.ungroup') }}
    </button>
    <div class="two">
      <button class="btn" title="Ctrl+D" @click="workbench.duplicate">
        <PhCopy :size="17" aria-hidden="true" />{{ t('workbench.duplicate') }}
      </button>
      <button class="btn" @click="workbench.remove">
        <PhTrash :size="17" aria-hidden="true" />{{ t('shared.delete') }}
      </button>
    </div>
    <ListButtons :workbench="workbench" />
    <KeepButton :workbench="workbench" />
  </div>
</template>

<style scoped>
.item-panel {
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  gap: 10px;
  align-items: center;
}
.head > div {
  min-width: 0;
  overflow-wrap: anywhere;
}
.small {
  display: grid;
  place-items: center;
  flex: none;
  width: 46px;
  height: 46px;
  border: 1px solid var(--line);
  border-radius: var(--tile);
  background: #fff;
  box-shadow: var(--ledge);
}
label {
  display: grid;
  gap: 3px;
  font-size: 14px;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
}
.belongs {
  display: flex;
  gap: 8px;
  align-items: center;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.two .btn {
  padding: 4px 6px;
}
</style>
