import type { PlaitKind } from '../api'
import { wordIn } from '../text'
import type { Text } from '../text'

const sided = (t: Text, word: string, side: PlaitKind['side']) =>
  side === 'NONE' ? word : `${word}, ${t(`side.${side}`)}`

/** What a kind of event is known by: its place changes when another kind joins. */
export const keyOf = ({ sort, name, side }: PlaitKind) => `${sort}|${name}|${side}`

/** What a kind of event is called. */
export function kindInWords(t: Text, { sort, name, side }: PlaitKind): string {
  switch (sort) {
    case 'ASK':
      return t('plait.asked', { strength: wordIn(t, 'strength', name) })
    case 'ANSWER':
      return wordIn(t, 'response', name)
    case 'FAULT':
    case 'SIGN':
      return sided(t, wordIn(t, 'seen', name), side)
    case 'CONTACT':
      return t('plait.felt', { felt: wordIn(t, 'felt', name), rein: t(`rein.${side}`) })
    case 'STOP_SIGN':
      return sided(t, wordIn(t, 'stopSign', name), side)
    case 'CHOICE':
      return wordIn(t, 'choice', name)
    case 'POLES':
      return t('poles.ridden', { answer: wordIn(t, 'poles', name) })
    case 'POSITION':
      return t('position.seen', { answer: wordIn(t, 'position', name) })
    case 'RELEASE':
      return t('see.released', { release: wordIn(t, 'release', name) })
    case 'CORRECTION':
      return t(name === 'MADE' ? 'see.made' : 'see.letPass')
    case 'PRAISE':
      return t('see.praise')
    case 'REWARD':
      return t('choice.reward')
    default:
      return t(`plait.only.${sort}`)
  }
}
