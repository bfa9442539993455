import { useTranslation } from 'react-i18next'
import type { TFunction } from 'i18next'
import { MARK_KINDS, readPayload } from '../record'
import type { Mark, Payload } from '../record'
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
  if (said?.kind === 'note') return said.text
  return said && isMark(said) ? markInWords(t, said) : entry.kind
}

function isMark(said: Payload): said is Mark {
  return MARKS.has(said.kind)
}

const MARKS = new Set<string>(MARK_KINDS)

function markInWords(t: TFunction, said: Mark): string {
  switch (said.kind) {
    case 'fault':
    case 'sign': {
      const side = said.side === 'NONE' ? '' : `, ${t(`side.${said.side}`)}`
      return t(`seen.${said.name}`, { defaultValue: said.name }) + side
    }
    case 'correction':
      return t(said.made ? 'see.made' : 'see.letPass')
    case 'release':
      return t('see.released', { release: t(`release.${said.release}`) })
    case 'contact':
      return `${t(`see.contact.${said.side}`)}: ${t(`felt.${said.felt}`)}`
    case 'held':
      return `${String(said.amount)} ${t(`pair.holdUnit.${said.unit}`)}`
    case 'praise':
      return t('see.praise')
    case 'conditions':
      return t('see.conditions')
    case 'effort':
      return t('see.effort', { horse: said.horse })
  }
}
