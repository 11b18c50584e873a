import { onMounted, ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { getAll, errorText } from '@/api/client'
import type { ItemOf, Known } from '@/api/addresses'
import { needTeacher } from './me'

/** A list that a teacher's screen shows, or what is wrong. */
export interface TeacherList<T> {
  /** Null before it is there. */
  readonly all: ShallowRef<T[] | null>
  readonly wrong: Ref<string>
  load(): Promise<void>
}

/** Asks for a list once a teacher is known to be signed in. */
export function useTeacherList<const P extends string>(
  address: P,
  ...known: Known<'get', P>
): TeacherList<ItemOf<'get', P>> {
  const all = shallowRef<ItemOf<'get', P>[] | null>(null)
  const wrong = ref('')
  async function load() {
    all.value = await getAll(address, ...known)
  }
  onMounted(async () => {
    try {
      if (await needTeacher()) await load()
    } catch (error) {
      wrong.value = errorText(error)
    }
  })
  return { all, wrong, load }
}
