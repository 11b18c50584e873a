/**
 * Pictures of what stands on the page, as it is seen: the page's own drawing with everything on it, made into a picture
 * by the browser. Letters, pictures and the looks are put into it, since a drawing by itself reaches nothing outside.
 */

const kept = new Map<string, Promise<string>>()
/** What stands at an address, as an address that holds it itself. */
function within(address: string): Promise<string> {
  const there = kept.get(address)
  if (there) return there
  const made = fetch(address)
    .then((answer) => {
      if (!answer.ok) throw new Error(`${answer.status} for ${address}`)
      return answer.blob()
    })
    .then(
      (blob) =>
        new Promise<string>((done, fail) => {
          const reader = new FileReader()
          reader.onload = () => done(String(reader.result))
          reader.onerror = () => fail(reader.error ?? new Error('not read'))
          reader.readAsDataURL(blob)
        }),
    )
  kept.set(address, made)
  // What did not come is asked for again the next time.
  made.catch(() => kept.delete(address))
  return made
}

function rules(): CSSRule[] {
  return [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules])
}
const familyOf = (rule: CSSFontFaceRule) => rule.style.getPropertyValue('font-family').replace(/["']/g, '')

/** The letters that are used there, held in the looks themselves. */
async function letters(used: Set<string>): Promise<string> {
  const faces = rules().filter((rule): rule is CSSFontFaceRule => rule instanceof CSSFontFaceRule)
  const texts = faces
    .filter((face) => used.has(familyOf(face)))
    .map(async (face) => {
      const from = /url\("?([^")]+)"?\)/.exec(face.style.getPropertyValue('src'))?.[1]
      if (!from) return ''
      const address = new URL(from, face.parentStyleSheet?.href ?? location.href).href
      return face.cssText.replace(/src:[^;]+;/, `src: url(${await within(address)});`)
    })
  return (await Promise.all(texts)).join('\n')
}

/** All looks but the letters; those with an address in them stand for controls, which are not seen in a picture. */
let looksOf = { sheets: -1, text: '' }
function looks(): string {
  if (looksOf.sheets !== document.styleSheets.length) {
    const text = rules()
      .filter((rule) => !(rule instanceof CSSFontFaceRule) && !rule.cssText.includes('url('))
      .map((rule) => rule.cssText)
      .join('\n')
    looksOf = { sheets: document.styleSheets.length, text }
  }
  return looksOf.text
}

function families(element: Element): Set<string> {
  const used = new Set<string>()
  const holders = new Set<Element>()
  for (const one of element.querySelectorAll('text, tspan, p, span, input, textarea, button, strong'))
    holders.add(one)
  for (const one of holders)
    for (const name of getComputedStyle(one).fontFamily.split(',')) used.add(name.trim().replace(/["']/g, ''))
  return used
}

/** A video as it stands, as a picture in its place. */
function still(video: HTMLVideoElement): HTMLElement | null {
  if (!video.videoWidth) return null
  const canvas = document.createElement('canvas')
  canvas.width = video.videoWidth
  canvas.height = video.videoHeight
  canvas.getContext('2d')!.drawImage(video, 0, 0)
  const image = document.createElement('img')
  image.src = canvas.toDataURL('image/jpeg', 0.9)
  image.setAttribute('style', 'width:100%;height:100%;object-fit:contain')
  return image
}

/** A drawing of a script, which a copy does not have, as a picture. */
function asImage(canvas: HTMLCanvasElement): HTMLElement {
  const image = document.createElement('img')
  image.src = canvas.toDataURL('image/jpeg', 0.92)
  const size = `width:${canvas.clientWidth}px;height:${canvas.clientHeight}px`
  const apart = getComputedStyle(canvas).position === 'absolute'
  const place = apart ? `;position:absolute;left:${canvas.offsetLeft}px;top:${canvas.offsetTop}px` : ''
  image.setAttribute('style', size + place)
  return image
}

/** A copy in which what was typed, played and fetched stands itself. @param without what is left out, by selector */
async function selfContained(element: HTMLElement, without: string): Promise<HTMLElement> {
  const copy = element.cloneNode(true) as HTMLElement
  const pairs = (selector: string): [Element, Element][] => {
    const copies = copy.querySelectorAll(selector)
    return [...element.querySelectorAll(selector)].map((one, i) => [one, copies[i]!])
  }
  for (const [one, other] of pairs('input')) other.setAttribute('value', (one as HTMLInputElement).value)
  for (const [one, other] of pairs('textarea')) other.textContent = (one as HTMLTextAreaElement).value
  for (const [one, other] of pairs('video')) {
    const image = still(one as HTMLVideoElement)
    if (image) other.replaceWith(image)
    else other.remove()
  }
  for (const [one, other] of pairs('canvas')) other.replaceWith(asImage(one as HTMLCanvasElement))
  for (const [one, other] of pairs('[data-scrolls]')) {
    // What was scrolled to; a copy always begins at its top.
    const moved = document.createElement('div')
    moved.style.transform = `translate(${-one.scrollLeft}px, ${-one.scrollTop}px)`
    moved.append(...other.childNodes)
    other.append(moved)
    ;(other as HTMLElement).style.overflow = 'hidden'
  }
  for (const gone of copy.querySelectorAll(without)) gone.remove()
  const pictures = [...copy.querySelectorAll('image[href], img[src]')].map(async (one) => {
    const name = one.tagName.toLowerCase() === 'img' ? 'src' : 'href'
    const address = one.getAttribute(name)!
    if (address.startsWith('data:')) return
    one.setAttribute(name, await within(new URL(address, location.href).href))
  })
  await Promise.all(pictures)
  return copy
}

/**
 * What an element shows now, as a picture of so many pixels. Rejects where something on it cannot be fetched.
 *
 * @param element with a size of its own; what lies beyond its edges is cut off
 * @param width in pixels, 1 to 4096; its height follows
 * @param without what is left out of it, by selector
 */
export async function pictureOf(
  element: HTMLElement,
  width: number,
  without = '.eraser',
): Promise<HTMLCanvasElement> {
  // However large it is shown just now.
  const box = { width: element.offsetWidth, height: element.offsetHeight }
  const height = Math.round((width * box.height) / box.width)
  const [copy, faces] = await Promise.all([selfContained(element, without), letters(families(element))])
  // What it inherits from around it.
  const { fontFamily, fontSize, lineHeight, color } = getComputedStyle(element)
  Object.assign(copy.style, { fontFamily, fontSize, lineHeight, color })
  copy.style.transform = 'none'
  copy.style.width = `${box.width}px`
  copy.style.height = `${box.height}px`
  const around = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
  around.setAttribute('viewBox', `0 0 ${box.width} ${box.height}`)
  around.setAttribute('width', String(width))
  around.setAttribute('height', String(height))
  const style = document.createElementNS('http://www.w3.org/2000/svg', 'style')
  style.textContent = `${faces}\n${looks()}\n* { animation: none !important; transition: none !important }`
  const holder = document.createElementNS('http://www.w3.org/2000/svg', 'foreignObject')
  holder.setAttribute('width', String(box.width))
  holder.setAttribute('height', String(box.height))
  holder.append(copy)
  around.append(style, holder)
  const text = new XMLSerializer().serializeToString(around)
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const pen = canvas.getContext('2d')!
  pen.fillStyle = '#fff'
  pen.fillRect(0, 0, width, height)
  pen.drawImage(image, 0, 0, width, height)
  return canvas
}

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/**
 * A part of a picture: what lies within a line that is drawn around it, on nothing.
 *
 * @param around at least three points, as shares of the picture's width and height from 0 to 1
 */
export function partOf(picture: HTMLCanvasElement, around: { x: number; y: number }[]): HTMLCanvasElement {
  const xs = around.map((one) => Math.min(1, Math.max(0, one.x)) * picture.width)
  const ys = around.map((one) => Math.min(1, Math.max(0, one.y)) * picture.height)
  const [left, top] = [Math.floor(Math.min(...xs)), Math.floor(Math.min(...ys))]
  const part = document.createElement('canvas')
  part.width = Math.max(1, Math.ceil(Math.max(...xs)) - left)
  part.height = Math.max(1, Math.ceil(Math.max(...ys)) - top)
  const pen = part.getContext('2d')!
  pen.beginPath()
  xs.forEach((x, i) => pen.lineTo(x - left, ys[i]! - top))
  pen.closePath()
  pen.clip()
  pen.drawImage(picture, -left, -top)
  return part
}

export const asPng = (canvas: HTMLCanvasElement) =>
  new Promise<Blob>((done, fail) =>
    canvas.toBlob(
      (blob) => (blob ? done(blob) : fail(new Error('The picture could not be made.'))),
      'image/png',
    ),
  )
