import { expect, test } from 'vitest'
import { MOST_BYTES, whatIs } from './what'

const file = (bytes: BlobPart) => new File([bytes], 'a file')

test.each([
  ['{"entries": []}', 'entries'],
  ['  [{"id": 1}]', 'entries'],
  ['id,lesson,device,author,seq,atMs,kind,v,payload\r\n', 'entries'],
  ['Time;Rein;Level;Answer\n16:05;left;2;yes', 'sheet'],
  ['', 'sheet'],
])('%j is of %s', async (text, is) => {
  expect(await whatIs(file(text))).toEqual({ is, name: 'a file', text })
})

test('says what cannot be read, and why', async () => {
  // a “ü” as Windows-1252 writes it, alone
  expect(await whatIs(file(new Uint8Array([0x66, 0xfc, 0x72])))).toEqual({ is: 'unreadable', why: 'notUtf8' })
  expect(await whatIs(file(new Uint8Array(MOST_BYTES + 1)))).toEqual({ is: 'unreadable', why: 'tooLarge' })
  expect((await whatIs(file(new Uint8Array(MOST_BYTES)))).is).toBe('sheet')
})
