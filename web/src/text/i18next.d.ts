import 'i18next'
import type screens from './en.json'
import type shell from './shell.en.json'

declare module 'i18next' {
  interface CustomTypeOptions {
    resources: { translation: typeof screens & typeof shell }
  }
}
