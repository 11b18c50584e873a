<script setup lang="ts">
import { shallowRef, watchEffect } from 'vue'
import type { Language as ElementLanguage } from 'element-plus/es/locale'
import { language, t, type Language } from '@/i18n'

/** What the controls of the library say, in the language of the screen. English is built in. */
const LOAD: Record<Exclude<Language, 'en'>, () => Promise<{ default: ElementLanguage }>> = {
  de: () => import('element-plus/es/locale/lang/de'),
  fr: () => import('element-plus/es/locale/lang/fr'),
  es: () => import('element-plus/es/locale/lang/es'),
  ar: () => import('element-plus/es/locale/lang/ar'),
}
const words = shallowRef<ElementLanguage>()
watchEffect(async () => {
  const wanted = language.value
  const loaded = wanted === 'en' ? undefined : (await LOAD[wanted]()).default
  // What the library has in English alone.
  const own = loaded && { ...loaded, el: { ...loaded.el, tag: { close: t('shared.remove') } } }
  if (wanted === language.value) words.value = own
})
</script>

<template>
  <el-config-provider :locale="words"><slot /></el-config-provider>
</template>
