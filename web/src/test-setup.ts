import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'
import '@testing-library/jest-dom/vitest'
import 'fake-indexeddb/auto'
import { screenTexts } from './text'

await screenTexts()

// a whole page on a busy machine: what is waited for comes, and how fast is the bench's affair
configure({ asyncUtilTimeout: 8000 })

// jsdom has none of these
Element.prototype.scrollIntoView = () => undefined
Object.assign(window, {
  matchMedia: () => ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
  scrollTo: () => undefined,
})

afterEach(cleanup)
