import i18next from 'i18next'
import { initReactI18next } from 'react-i18next'
import shell from './shell.en.json'

void i18next.use(initReactI18next).init({
  // the days and hours of the language stand as they do there
  lng: 'en-GB',
  fallbackLng: 'en',
  resources: { en: { translation: shell } },
  interpolation: { escapeValue: false },
})

/** Fetches what the screens say; what stands round them is there from the start. */
export async function screenTexts(): Promise<void> {
  const { default: screens } = await import('./en.json')
  i18next.addResourceBundle('en', 'translation', screens, true, true)
}

export default i18next
export {
  anyOf,
  clock,
  dayAndMonth,
  dayAndYear,
  dayOfWeek,
  dayLong,
  dayLongAt,
  dayOf,
  dayShort,
  isoOf,
  number,
  percent,
  steady,
  timeAndDay,
  timeOfDay,
  today,
} from './format'
export { sideIn } from './sides'
export { nameIn, noteIn, strandIn, wordIn } from './words'
export { useText } from './useText'
export type { Key, Text } from './useText'
