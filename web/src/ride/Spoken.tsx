import { useTranslation } from 'react-i18next'
import { readPayload } from '../record'
import type { KeptEntry } from '../store'

/** An entry in a few words. */
export function Spoken({
  entry,
  exerciseName,
}: {
  entry: KeptEntry
  exerciseName: (exercise: string) => string
}) {
  const { t } = useTranslation()
  const said = readPayload(entry.kind, entry.v, entry.payload)
  if (said?.kind === 'exchange') {
    return `${t(`response.${said.response}`)}, ${said.strength} ${t(`strength.${said.strength}`)}`
  }
  if (said?.kind === 'segment') {
    return `${exerciseName(said.exercise)}, ${t(`gait.${said.gait}`)}, ${t(`rein.${said.rein}`)}`
  }
  if (said?.kind === 'rest') return t('ride.rest')
  return said?.kind === 'note' ? said.text : entry.kind
}
