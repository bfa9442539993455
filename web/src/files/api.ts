import { answerOf, api } from '../api'
import type { SheetColumn } from '../api'

/** Takes in a text of entries, or says what would become of it. */
export function takeEntries(text: string, isTrial: boolean) {
  return answerOf(api.POST('/api/v1/files', { body: { text, isTrial } }))
}

/** How a table is to be read; what is not said is read off its headings. */
export interface Reading {
  text: string
  columns: Partial<Record<SheetColumn, number>> | null
  exercise: string | null
}

/** Takes a table into a lesson, or says what would become of it. */
export function takeSheet(id: string, reading: Reading, isTrial: boolean, leaveOut: boolean) {
  const { text, exercise } = reading
  // a column that is not in the table is left out of what is sent
  const columns = reading.columns && (JSON.parse(JSON.stringify(reading.columns)) as Record<string, number>)
  return answerOf(
    api.POST('/api/v1/lessons/{id}/sheet', {
      params: { path: { id } },
      body: { text, columns, exercise, isTrial, leaveOut },
    }),
  )
}
