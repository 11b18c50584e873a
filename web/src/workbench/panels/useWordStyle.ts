import { computed } from 'vue'
import type { Item, Look, Paragraph, WordContent, WordStyle } from '@/api/schema'
import { fontsReady, relaid, type Said } from '@/page/wordFit'
import type { MarkName } from '@/workbench/words/schema'
import type { Workbench } from '@/workbench/useWorkbench'

/** How the words of an item look, and how that is changed: of the letters selected while writing, else of all. */
export function useWordStyle(props: { workbench: Workbench; item: Item }) {
  const writer = computed(() => props.workbench.writer.value)
  const content = computed<WordContent | null>(() => {
    const { item } = props
    if (item.kind === 'words') return item.content
    return item.kind === 'note' || item.kind === 'shape' ? (item.words ?? null) : null
  })
  const style = computed<WordStyle | null>(
    () =>
      (props.workbench.writing.value &&
        props.workbench.wordsOf(props.workbench.writing.value)?.content.style) ||
      content.value?.style ||
      null,
  )
  const marks = computed(() => writer.value?.marks.value ?? whole.value)
  /** What the whole text has in common, beyond its style. */
  const whole = computed<Partial<Record<MarkName, string | number | boolean>>>(() => {
    const spans = content.value?.spans ?? []
    const text = content.value?.text ?? ''
    return spans.length === 1 && spans[0]!.from === 0 && spans[0]!.to === text.length
      ? (spans[0]!.look as never)
      : {}
  })
  const paragraph = computed<Paragraph>(
    () => writer.value?.paragraph.value ?? content.value?.paragraphs?.[0] ?? {},
  )
  const mixed = (name: MarkName) =>
    !writer.value &&
    (content.value?.spans ?? []).some((span) => span.look[name] !== undefined) &&
    whole.value[name] === undefined

  const sizeNow = computed(() => Number(marks.value.size ?? style.value?.size ?? 44))

  /** The whole box in another style: what its letters said otherwise on that point is taken back. */
  function restyle(change: Partial<WordStyle>, cleared?: MarkName) {
    const now = content.value
    if (!now) return
    const spans = (now.spans ?? [])
      .map((span) => {
        const look: Look = { ...span.look }
        if (cleared) delete look[cleared]
        return { ...span, look }
      })
      .filter((span) => Object.keys(span.look).length > 0)
    setWording({ style: { ...now.style, ...change }, spans })
  }
  function setWording(change: Partial<Said>) {
    const { item } = props
    if (item.kind === 'words') props.workbench.setWords(item, change)
    else if (item.kind === 'note') {
      props.workbench.setBody({ ...item, words: relaid(item.words, change, item.frame.width - 28).content })
    } else if (item.kind === 'shape' && item.words) {
      props.workbench.setBody({ ...item, words: relaid(item.words, change, item.frame.width).content })
    }
  }

  function setSize(size: number) {
    if (writer.value) writer.value.set('size', size === style.value?.size ? null : size)
    else restyle({ size }, 'size')
  }
  function setColour(colour: string) {
    if (writer.value) writer.value.set('colour', colour)
    else restyle({ colour }, 'colour')
  }
  async function setFont(font: NonNullable<WordStyle['font']>) {
    if (writer.value) {
      // At once: whoever types on means the next letter already. It is measured when they are done.
      writer.value.set('font', font)
      await fontsReady([font])
      return
    }
    const { id } = props.item
    await fontsReady([font])
    if (props.item.id === id) restyle({ font: font === 'ANDIKA' ? undefined : font }, 'font')
  }
  /** Looks that only letters have are set on all of them. */
  function toggle(name: 'bold' | 'italic' | 'underline') {
    if (writer.value) writer.value.toggle(name)
    else if (name === 'bold') restyle({ bold: !style.value!.bold }, 'bold')
    else onAll({ [name]: whole.value[name] ? undefined : true })
  }
  function script(which: 'SUB' | 'SUPER') {
    if (writer.value) writer.value.set('script', marks.value.script === which ? null : which)
    else onAll({ script: whole.value.script === which ? undefined : which })
  }
  function onAll(change: Look) {
    const now = content.value
    if (!now || now.text === '') return
    const looks = (now.spans ?? []).length ? now.spans! : []
    const edges = [...new Set([0, now.text.length, ...looks.flatMap((span) => [span.from, span.to])])].sort(
      (a, b) => a - b,
    )
    const spans = edges.slice(0, -1).flatMap((from, i) => {
      const to = edges[i + 1]!
      const was = looks.find((span) => span.from <= from && span.to >= to)?.look ?? {}
      const look = Object.fromEntries(
        Object.entries({ ...was, ...change }).filter(([, v]) => v !== undefined),
      ) as Look
      return Object.keys(look).length ? [{ from, to, look }] : []
    })
    setWording({ spans })
  }
  function align(to: WordStyle['align']) {
    if (writer.value) writer.value.setParagraph({ align: to === style.value?.align ? null : to })
    else {
      const paragraphs = content.value?.paragraphs?.map(({ align: _, ...rest }) => rest)
      setWording({ style: { ...content.value!.style, align: to }, ...(paragraphs ? { paragraphs } : {}) })
    }
  }
  function list(kind: 'BULLET' | 'NUMBER') {
    const on = paragraph.value.list === kind
    if (writer.value) writer.value.setParagraph({ list: on ? null : kind })
    else {
      const count = content.value!.text.split('\n').length
      const was = content.value!.paragraphs ?? []
      const paragraphs = [...Array(count).keys()].map((i) => {
        const rest = { ...was[i] }
        delete rest.list
        return on ? rest : { ...rest, list: kind }
      })
      setWording({ paragraphs })
    }
  }

  return {
    writer,
    content,
    style,
    marks,
    paragraph,
    mixed,
    sizeNow,
    restyle,
    setWording,
    setSize,
    setColour,
    setFont,
    toggle,
    script,
    align,
    list,
  }
}
