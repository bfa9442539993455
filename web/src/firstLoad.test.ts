import { existsSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import { expect, test } from 'vitest'

/** What a telephone at the edge of the field waits for before anything is drawn, in bytes of gzip. */
const MOST = 210_000

test('the first load is small', () => {
  const dist = resolve(import.meta.dirname, '../dist')
  expect(existsSync(dist), `${dist} is made by npm run build; run ./strophos test`).toBe(true)
  const page = readFileSync(resolve(dist, 'index.html'), 'utf8')
  const scripts = [...page.matchAll(/(?:href|src)="\/(assets\/[^"]+\.js)"/g)].map(([, file]) => file ?? '')
  expect(scripts.length).toBeGreaterThan(1)
  const bytes = scripts.map((file) => gzipSync(readFileSync(resolve(dist, file)), { level: 9 }).length)
  expect(bytes.reduce((sum, size) => sum + size, 0)).toBeLessThanOrEqual(MOST)
})
