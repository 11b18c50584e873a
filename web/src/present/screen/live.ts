import { t } from '@/i18n'
import { onBeforeUnmount, shallowRef } from 'vue'
import { openLive, type LiveKind, type LiveSource } from '@/present/model/liveSource'
import type { Told } from './told'

/** A camera or a window of this machine, live on the page. */
export function useLive({ words }: Told) {
  const source = shallowRef<LiveSource | null>(null)
  function close() {
    source.value?.stop()
    source.value = null
  }
  async function open(kind: LiveKind) {
    close()
    source.value = await openLive(kind)
    if (source.value.practice)
      words.value =
        kind === 'camera'
          ? t('present.the-camera-cannot-be-used-here')
          : t('present.no-window-was-chosen-a-practice')
  }
  onBeforeUnmount(close)
  return { source, open, close }
}
