import { computed, reactive, ref } from 'vue'
import type { LibraryPicture } from '@/api/schema'

const MOST_AT_ONCE = 30
const IN_A_ROW = 8

/** Words with commas, semicolons or line ends between them, each looked for by itself; empty for one, or none. */
export function wordsIn(text: string): string[] {
  const all = text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter(Boolean)
  return all.length > 1 ? all.slice(0, MOST_AT_ONCE) : []
}

/**
 * Several words at once: a row of pictures for each, of which the closest is meant until another is chosen.
 *
 * @param find pictures for one word, the closest first
 */
export function usePictureRows(find: (word: string, topic: string) => Promise<LibraryPicture[]>) {
  const rows = ref<{ word: string; pictures: LibraryPicture[] }[]>([])
  const meant = reactive(new Map<string, string>())
  /** One picture of each word that has any. */
  const taken = computed(() =>
    rows.value.flatMap(({ word, pictures }) => {
      const one = pictures.find((picture) => picture.code === meant.get(word)) ?? pictures[0]
      return one ? [one] : []
    }),
  )

  /** What was found before: of a list that is being typed only the last word is new. */
  const answers = new Map<string, LibraryPicture[]>()
  async function closest(word: string, topic: string): Promise<LibraryPicture[]> {
    const asked = `${topic}\n${word}`
    const answer = answers.get(asked) ?? (await find(word, topic)).slice(0, IN_A_ROW)
    answers.set(asked, answer)
    return answer
  }

  const ask = (list: string[], topic: string) =>
    Promise.all(list.map(async (word) => ({ word, pictures: await closest(word, topic) })))
  const mean = (word: string, code: string) => meant.set(word, code)
  return { rows, taken, ask, mean }
}
