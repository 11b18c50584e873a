import { ref } from 'vue'

/** Which messages were put away, kept for this tab, so that they do not come again with the page. */
const KEY = 'glad-messages-seen'

function kept(): Set<string> {
  try {
    return new Set(JSON.parse(sessionStorage.getItem(KEY) ?? '[]') as string[])
  } catch {
    return new Set()
  }
}

export function usePutAway() {
  const seen = ref(kept())
  function putAway(id: string) {
    seen.value = new Set([...seen.value, id])
    try {
      sessionStorage.setItem(KEY, JSON.stringify([...seen.value]))
    } catch {
      // Then it is put away until the page is loaded anew.
    }
  }
  return { seen, putAway }
}
