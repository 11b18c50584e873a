/**
 * The text of a file that somebody's spreadsheet wrote: UTF-8, UTF-16 with its mark, or else the western encoding of
 * Windows, in which no bytes are wrong.
 */
export async function fileText(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  const mark = `${bytes[0]} ${bytes[1]}`
  if (mark === '255 254') return new TextDecoder('utf-16le').decode(bytes)
  if (mark === '254 255') return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

/** Names as a table that is read as just these names, whatever signs are in them. */
export const asTable = (names: string[]) =>
  ['name', ...names.map((name) => `"${name.replaceAll('"', '""')}"`)].join('\n')
