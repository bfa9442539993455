import { cleanup } from '@testing-library/react'
import { afterEach } from 'vitest'
import '@testing-library/jest-dom/vitest'
import 'fake-indexeddb/auto'
import { screenTexts } from './text'

await screenTexts()

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
