import { ref, type Ref } from 'vue'

/** Who is away today, by lesson: said once, it holds for names and for groups, as long as the program is open. */
const byLesson = new Map<string, Ref<string[]>>()
export function absentIn(lessonId: string): Ref<string[]> {
  let there = byLesson.get(lessonId)
  if (!there) byLesson.set(lessonId, (there = ref([])))
  return there
}
