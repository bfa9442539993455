/** What a chosen file is. */
export type FileChoice =
  | { is: 'entries'; name: string; text: string }
  | { is: 'sheet'; name: string; text: string }
  | { is: 'unreadable'; why: 'tooLarge' | 'notUtf8' }

/** The server takes 4 MB with all that stands round the text. */
export const MOST_BYTES = 3_500_000

/** Reads a file; entries are known by their form, anything else is a table. */
export async function whatIs(file: File): Promise<FileChoice> {
  if (file.size > MOST_BYTES) return { is: 'unreadable', why: 'tooLarge' }
  let text: string
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(await file.arrayBuffer())
  } catch {
    return { is: 'unreadable', why: 'notUtf8' }
  }
  return { is: isOfEntries(text) ? 'entries' : 'sheet', name: file.name, text }
}

function isOfEntries(text: string): boolean {
  const start = text.trimStart()
  if (start.startsWith('{') || start.startsWith('[')) return true
  const heading = start.slice(0, 2_000).split(/\r?\n/)[0] ?? ''
  return heading.includes('atMs') && heading.includes('payload')
}
