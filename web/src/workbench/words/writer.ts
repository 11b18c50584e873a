import { t } from '@/i18n'
import { baseKeymap, chainCommands, splitBlockAs } from 'prosemirror-commands'
import { history, redo, undo } from 'prosemirror-history'
import { keymap } from 'prosemirror-keymap'
import { EditorState, Plugin, TextSelection, type Command } from 'prosemirror-state'
import { EditorView } from 'prosemirror-view'
import { ref, type Ref } from 'vue'
import type { Paragraph, WordStyle } from '@/api/schema'
import { webRoute } from '@/page/links'
import type { Said } from '@/page/wordFit'
import { fromDoc, schema, toDoc, type MarkName, type Value } from './schema'

export interface Writer {
  /** What the letters at the cursor look like; absent where they differ or look as the box does. */
  readonly marks: Ref<Partial<Record<MarkName, Value>>>
  readonly paragraph: Ref<Paragraph>
  set(name: MarkName, value: Value | null): void
  toggle(name: MarkName): void
  setParagraph(change: { align?: Paragraph['align'] | null; list?: Paragraph['list'] | null }): void
  said(): Said
  focus(): void
  selectAll(): void
  destroy(): void
}

export const MOST_LETTERS = 20_000

/** A field for words of several looks. */
export function makeWriter(
  place: HTMLElement,
  start: Said,
  hooks: {
    changed: () => void
    left: () => void
    done: () => void
    tooLong: () => void
    /** Tab goes on to the next field, where there is one. @returns whether there is */
    next?: (by: 1 | -1) => boolean
  },
): Writer {
  const marks = ref<Partial<Record<MarkName, Value>>>({})
  const paragraph = ref<Paragraph>({})
  const style: WordStyle = start.style

  const view = new EditorView(place, {
    state: EditorState.create({
      doc: toDoc(start),
      plugins: [
        new Plugin({
          // Nothing is typed or pasted that could not be kept.
          filterTransaction(transaction, state) {
            const fits = transaction.doc.textContent.length + transaction.doc.childCount <= MOST_LETTERS
            if (!fits && transaction.doc.content.size > state.doc.content.size) hooks.tooLong()
            return fits || transaction.doc.content.size <= state.doc.content.size
          },
        }),
        history(),
        keymap({
          Escape: () => (hooks.done(), true),
          Tab: () => hooks.next?.(1) ?? false,
          'Shift-Tab': () => hooks.next?.(-1) ?? false,
          'Mod-z': undo,
          'Mod-Shift-z': redo,
          'Mod-y': redo,
          'Mod-b': command((): void => toggle('bold')),
          'Mod-i': command((): void => toggle('italic')),
          'Mod-u': command((): void => toggle('underline')),
          // The next paragraph is set like this one: a list goes on.
          Enter: chainCommands(outOfList, nextParagraph),
          Backspace: outOfListAtStart,
        }),
        keymap(baseKeymap),
      ],
    }),
    attributes: { 'aria-label': t('shared.words'), role: 'textbox', 'aria-multiline': 'true', dir: 'auto' },
    dispatchTransaction(transaction) {
      const before = view.state
      const after = before.apply(transaction)
      // The browser says once more where the cursor is when it comes back from a list: what was chosen there still holds.
      const same = !transaction.docChanged && after.selection.eq(before.selection)
      const forgot = same && before.storedMarks !== null && after.storedMarks === null
      view.updateState(forgot ? after.apply(after.tr.setStoredMarks(before.storedMarks)) : after)
      look()
      if (transaction.docChanged) hooks.changed()
    },
    // A web address that is pasted leads there at once; over selected words, they do.
    handlePaste(_, event) {
      const link = webRoute(event.clipboardData?.getData('text/plain') ?? '')
      if (!link) return false
      const { state } = view
      const mark = schema.marks.link!.create({ value: link })
      const { from, to, empty } = state.selection
      const marked = empty
        ? state.tr.replaceSelectionWith(
            schema.text(link.address, [...(state.storedMarks ?? state.selection.$from.marks()), mark]),
            false,
          )
        : state.tr.addMark(from, to, mark)
      view.dispatch(marked)
      return true
    },
    handleDOMEvents: {
      blur: () => (catchUp(), hooks.left(), false),
      // The page's own keys are not for somebody who types.
      keydown: (_, event) => (event.stopPropagation(), false),
    },
  })
  look()

  /** A browser tells what is selected a frame later; who is quicker would set the letters that were selected before. */
  function catchUp() {
    const { anchorNode, anchorOffset, focusNode, focusOffset } = document.getSelection() ?? {}
    if (!anchorNode || !focusNode || !view.dom.contains(anchorNode) || !view.dom.contains(focusNode)) return
    const { doc, selection, tr } = view.state
    const seen = TextSelection.between(
      doc.resolve(view.posAtDOM(anchorNode, anchorOffset!)),
      doc.resolve(view.posAtDOM(focusNode, focusOffset!)),
    )
    if (!seen.eq(selection)) view.dispatch(tr.setSelection(seen))
  }

  function look() {
    const { selection, storedMarks, doc } = view.state
    const found: Partial<Record<MarkName, Value>> = {}
    if (selection.empty) {
      for (const mark of storedMarks ?? selection.$from.marks())
        found[mark.type.name as MarkName] = mark.attrs.value
    } else {
      let first = true
      doc.nodesBetween(selection.from, selection.to, (node) => {
        if (!node.isText) return
        const own = Object.fromEntries(node.marks.map((mark) => [mark.type.name, mark.attrs.value as Value]))
        if (first) Object.assign(found, own)
        else
          for (const name of Object.keys(found) as MarkName[])
            if (own[name] !== found[name]) delete found[name]
        first = false
      })
    }
    marks.value = found
    const { align, list } = selection.$from.parent.attrs
    paragraph.value = { ...(align ? { align } : {}), ...(list ? { list } : {}) }
  }

  function set(name: MarkName, value: Value | null) {
    if (view.hasFocus()) catchUp()
    const { selection, tr } = view.state
    const type = schema.marks[name]!
    if (selection.empty) {
      view.dispatch(value === null ? tr.removeStoredMark(type) : tr.addStoredMark(type.create({ value })))
    } else {
      const cleared = tr.removeMark(selection.from, selection.to, type)
      view.dispatch(
        value === null ? cleared : cleared.addMark(selection.from, selection.to, type.create({ value })),
      )
    }
    view.focus()
  }

  function toggle(name: MarkName) {
    if (view.hasFocus()) catchUp()
    const on = marks.value[name] ?? (name === 'bold' ? style.bold : false)
    set(name, name === 'bold' && style.bold ? !on : on ? null : true)
  }

  function setParagraph(change: Parameters<Writer['setParagraph']>[0]) {
    const { selection } = view.state
    let tr = view.state.tr
    view.state.doc.nodesBetween(selection.from, selection.to, (node, pos) => {
      if (node.type === schema.nodes.paragraph) tr = tr.setNodeMarkup(pos, null, { ...node.attrs, ...change })
    })
    view.dispatch(tr)
    view.focus()
  }

  return {
    marks,
    paragraph,
    set,
    toggle,
    setParagraph,
    said: () => fromDoc(view.state.doc, style),
    focus: () => view.focus(),
    selectAll: () => {
      const { doc, tr } = view.state
      view.dispatch(tr.setSelection(TextSelection.create(doc, 1, Math.max(1, doc.content.size - 1))))
    },
    destroy: () => view.destroy(),
  }
}

const command =
  (run: () => void): Command =>
  () => (run(), true)

const split = splitBlockAs((node) => ({ type: node.type, attrs: node.attrs }))
/** Letters go on looking as they did on the line before. */
const nextParagraph: Command = (state, dispatch) => {
  const { $from, $to } = state.selection
  const marks = state.storedMarks ?? ($to.parentOffset > 0 ? $from.marks() : null)
  return split(state, dispatch && ((tr) => dispatch(marks ? tr.ensureMarks(marks) : tr)))
}

/** Enter on an empty entry of a list ends the list. */
const outOfList: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  if (!empty || !$from.parent.attrs.list || $from.parent.content.size > 0) return false
  dispatch?.(state.tr.setNodeMarkup($from.before(), null, { ...$from.parent.attrs, list: null }))
  return true
}
const outOfListAtStart: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  if (!empty || !$from.parent.attrs.list || $from.parentOffset > 0) return false
  dispatch?.(state.tr.setNodeMarkup($from.before(), null, { ...$from.parent.attrs, list: null }))
  return true
}
