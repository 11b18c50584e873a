<script setup lang="ts">
import { t } from '@/i18n'
import {
  PhPause,
  PhPlay,
  PhRepeat,
  PhRepeatOnce,
  PhSpeakerHigh,
  PhSpeakerSlash,
  PhSubtitles,
} from '@phosphor-icons/vue'
import { computed, ref, useTemplateRef } from 'vue'
import type { Item } from '@/api/schema'
import { itemName } from '@/page/names'
import { pictureUrl } from '@/page/pictures'
import { useReach } from '@/work/rules/reach'

/** A video on a page, with its buttons below; what lies above it on the page lies above the picture. */
const props = defineProps<{ item: Extract<Item, { kind: 'video' }> }>()
/** As high as a finger needs, in page units. */
const reach = useReach()
const keyHeight = computed(() => `${Math.max(54, 2 * reach.value)}px`)
const video = useTemplateRef<HTMLVideoElement>('video')
const playing = ref(false)
const muted = ref(props.item.muted)
const loops = ref(props.item.loops)
const captions = ref(true)
const wrong = ref(false)
const name = computed(() => itemName(props.item))

function toggle() {
  const now = video.value
  if (!now) return
  if (now.paused) now.play().catch(() => (wrong.value = true))
  else now.pause()
}
function showCaptions() {
  captions.value = !captions.value
  const track = video.value?.textTracks[0]
  if (track) track.mode = captions.value ? 'showing' : 'hidden'
}
</script>

<template>
  <foreignObject :x="0" :y="0" :width="item.frame.width" :height="item.frame.height">
    <div class="video" @pointerdown.stop>
      <video
        ref="video"
        :src="`/api/v1/files/${item.video.sha256}`"
        :poster="item.poster ? pictureUrl(item.poster) : undefined"
        :muted="muted"
        :loop="loops"
        :aria-label="name"
        preload="metadata"
        playsinline
        @play="playing = true"
        @pause="playing = false"
        @error="wrong = true"
        @click="toggle"
      >
        <track
          v-if="item.captions"
          kind="captions"
          :label="t('video.captions')"
          default
          :src="`/api/v1/files/${item.captions.sha256}`"
        />
      </video>
      <p v-if="wrong" class="wrong" role="alert">{{ t('video.failed') }}</p>
      <div class="keys">
        <button :aria-label="t(playing ? 'video.pause-name' : 'video.play-name', { name })" @click="toggle">
          <component :is="playing ? PhPause : PhPlay" :size="34" weight="fill" aria-hidden="true" />
          {{ t(playing ? 'video.pause' : 'video.play') }}
        </button>
        <button :aria-pressed="loops" @click="loops = !loops">
          <component :is="loops ? PhRepeat : PhRepeatOnce" :size="34" aria-hidden="true" />{{
            t(loops ? 'video.loop' : 'video.once')
          }}
        </button>
        <button :aria-pressed="muted" @click="muted = !muted">
          <component :is="muted ? PhSpeakerSlash : PhSpeakerHigh" :size="34" aria-hidden="true" />{{
            t(muted ? 'video.muted' : 'video.sound')
          }}
        </button>
        <button v-if="item.captions" :aria-pressed="captions" @click="showCaptions">
          <PhSubtitles :size="34" aria-hidden="true" />{{
            t(captions ? 'video.captions-on' : 'video.captions-off')
          }}
        </button>
      </div>
    </div>
  </foreignObject>
</template>

<style scoped>
.video {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  height: 100%;
  border-radius: 10px;
  overflow: hidden;
  background: #1f2d33;
}
video {
  width: 100%;
  height: 100%;
  object-fit: contain;
  cursor: pointer;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px;
}
button {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: v-bind(keyHeight);
  padding: 4px 14px;
  border: 0;
  border-radius: 12px 12px 12px 3px;
  background: #fff;
  color: var(--ink);
  cursor: pointer;
  font: 700 24px var(--type);
}
button[aria-pressed='true'] {
  box-shadow: inset 0 -5px var(--saffron);
}
.wrong {
  position: absolute;
  inset: 40% 0 auto;
  color: #fff;
  font-size: 30px;
  text-align: center;
}
</style>
