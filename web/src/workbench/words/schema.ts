import { Schema, type Mark, type Node } from 'prosemirror-model'
import type { Look, Paragraph, Link, Span, WordStyle } from '@/api/schema'
import { FONTS } from '@/page/fonts'
import { webRoute } from '@/page/links'
import type { Said } from '@/page/wordFit'

/**
 * What can be typed: paragraphs, and letters of several looks. Only what our own small schema knows is kept of what is
 * pasted; the server checks it again.
 */
const style = (
  name: string,
  attr: string,
  css: (value: string) => string,
  read: (value: string) => unknown,
) => ({
  attrs: { value: {} },
  parseDOM: [
    {
      style: attr,
      getAttrs: (value: string) => {
        const found = read(value)
        return found === null ? (false as const) : { value: found }
      },
    },
  ],
  toDOM: (mark: Mark) => ['span', { style: css(String(mark.attrs.value)), 'data-look': name }, 0] as const,
})

function hex(value: string): string | null {
  const rgb = /^rgba?\((\d+), ?(\d+), ?(\d+)/.exec(value)
  if (rgb)
    return `#${rgb
      .slice(1, 4)
      .map((n) => Number(n).toString(16).padStart(2, '0'))
      .join('')}`
  return /^#[0-9a-f]{6}$/i.test(value) ? value.toLowerCase() : null
}
const UNITS = 'var(--unit)'
const POINT = 2.2
/** Letter sizes come in page units from here and in points or pixels from elsewhere. */
function size(value: string): number | null {
  const own = /calc\(([\d.]+) \* var\(--unit\)\)/.exec(value)
  if (own) return Number(own[1])
  const other = /^([\d.]+)(px|pt)$/.exec(value)
  if (!other) return null
  return Math.min(400, Math.max(8, Math.round(Number(other[1]) * (other[2] === 'pt' ? POINT * 1.33 : POINT))))
}
const font = (value: string) =>
  FONTS.find((one) => value.replace(/["']/g, '').startsWith(one.family))?.font ?? null

export const schema = new Schema({
  nodes: {
    doc: { content: 'paragraph+' },
    paragraph: {
      content: 'text*',
      attrs: { align: { default: null }, list: { default: null } },
      parseDOM: [
        {
          tag: 'li',
          getAttrs: (dom) => ({ list: dom.parentElement?.tagName === 'OL' ? 'NUMBER' : 'BULLET' }),
        },
        {
          tag: 'p, div, h1, h2, h3, h4, h5, h6, blockquote, pre, td, th',
          getAttrs: (dom) => ({
            align: dom.getAttribute('data-align'),
            list: dom.getAttribute('data-list'),
          }),
        },
      ],
      toDOM: (node) => [
        'p',
        {
          ...(node.attrs.align ? { 'data-align': node.attrs.align } : {}),
          ...(node.attrs.list ? { 'data-list': node.attrs.list } : {}),
        },
        0,
      ],
    },
    text: { inline: true },
  },
  marks: {
    bold: {
      attrs: { value: { default: true } },
      parseDOM: [
        { tag: 'strong, b' },
        { style: 'font-weight', getAttrs: (v) => (/^(bold|[6-9]00)$/.test(v) ? { value: true } : false) },
      ],
      toDOM: (mark) => ['span', { style: `font-weight: ${mark.attrs.value ? 700 : 400}` }, 0],
    },
    italic: {
      attrs: { value: { default: true } },
      parseDOM: [{ tag: 'em, i' }, { style: 'font-style=italic' }],
      toDOM: () => ['em', 0],
    },
    underline: {
      attrs: { value: { default: true } },
      parseDOM: [{ tag: 'u' }, { style: 'text-decoration=underline' }],
      toDOM: () => ['u', 0],
    },
    script: {
      attrs: { value: {} },
      excludes: 'script',
      parseDOM: [
        { tag: 'sub', attrs: { value: 'SUB' } },
        { tag: 'sup', attrs: { value: 'SUPER' } },
      ],
      toDOM: (mark) => [mark.attrs.value === 'SUB' ? 'sub' : 'sup', 0],
    },
    link: {
      attrs: { value: {} },
      inclusive: false,
      parseDOM: [
        {
          tag: 'a[href]',
          getAttrs: (dom) => {
            const link = webRoute(dom.getAttribute('href') ?? '')
            return link ? { value: link } : false
          },
        },
        {
          tag: 'span[data-link]',
          getAttrs: (dom) => ({ value: JSON.parse(dom.getAttribute('data-link')!) as Link }),
        },
      ],
      toDOM: (mark) => ['span', { class: 'leads', 'data-link': JSON.stringify(mark.attrs.value) }, 0],
    },
    size: style('size', 'font-size', (v) => `font-size: calc(${v} * ${UNITS})`, size),
    colour: style('colour', 'color', (v) => `color: ${v}`, hex),
    font: style(
      'font',
      'font-family',
      (v) => `font-family: '${FONTS.find((one) => one.font === v)?.family ?? 'Andika'}'`,
      font,
    ),
  },
})

export type MarkName = 'bold' | 'italic' | 'underline' | 'script' | 'size' | 'colour' | 'font' | 'link'
export type Value = string | number | boolean | Link

/** From what is kept to what is typed in. */
export function toDoc(said: Said): Node {
  let at = 0
  const paragraphs = said.text.split('\n').map((text, i) => {
    const set = said.paragraphs?.[i] ?? {}
    const nodes = pieces(at, at + text.length, said.spans ?? []).map(([from, to, look]) =>
      schema.text(said.text.slice(from, to), marksOf(look)),
    )
    at += text.length + 1
    return schema.node('paragraph', { align: set.align ?? null, list: set.list ?? null }, nodes)
  })
  return schema.node('doc', null, paragraphs)
}

function pieces(from: number, to: number, spans: Span[]): [number, number, Look][] {
  const all: [number, number, Look][] = []
  let at = from
  for (const span of spans) {
    const start = Math.max(from, span.from)
    const end = Math.min(to, span.to)
    if (start >= end) continue
    if (start > at) all.push([at, start, {}])
    all.push([start, end, span.look])
    at = end
  }
  if (at < to) all.push([at, to, {}])
  return all
}

const marksOf = (look: Look): Mark[] =>
  Object.entries(look)
    .filter(([, value]) => value !== undefined && value !== null)
    .map(([name, value]) => schema.marks[name]!.create({ value }))

/** From what was typed to what is kept. A mark that says what the box says anyway is left out. */
export function fromDoc(doc: Node, style: WordStyle): Said {
  let text = ''
  const spans: Span[] = []
  const paragraphs: Paragraph[] = []
  doc.forEach((paragraph, _, index) => {
    if (index > 0) text += '\n'
    paragraphs.push({
      ...(paragraph.attrs.align ? { align: paragraph.attrs.align as Paragraph['align'] } : {}),
      ...(paragraph.attrs.list ? { list: paragraph.attrs.list as Paragraph['list'] } : {}),
    })
    paragraph.forEach((node) => {
      const look = lookOf(node.marks, style)
      const from = text.length
      text += node.text ?? ''
      if (Object.keys(look).length === 0 || text.length === from) return
      const last = spans[spans.length - 1]
      if (last && last.to === from && JSON.stringify(last.look) === JSON.stringify(look))
        last.to = text.length
      else spans.push({ from, to: text.length, look })
    })
  })
  return { text, style, spans, paragraphs }
}

function lookOf(marks: readonly Mark[], style: WordStyle): Look {
  const look: Record<string, Value> = {}
  for (const mark of marks) {
    const name = mark.type.name as MarkName
    const value = mark.attrs.value as Value
    const usual =
      name === 'size' || name === 'colour'
        ? style[name]
        : name === 'bold'
          ? style.bold
          : name === 'font'
            ? (style.font ?? 'ANDIKA')
            : undefined
    if (value !== usual && value !== false) look[name] = value
    if (name === 'bold' && value === false && style.bold) look.bold = false
  }
  return Object.fromEntries(Object.entries(look).sort()) as Look
}
