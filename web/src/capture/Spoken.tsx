import type { Text } from '../text'
import { MARK_KINDS } from '../record'
import type { Aid, Mark, Payload, Side } from '../record'
import { clock, wordIn, useText } from '../text'

/** What an entry says, in a few words. */
export function Spoken({
  said,
  exerciseName,
}: {
  said: Payload | undefined
  exerciseName: (exercise: string) => string
}) {
  const { t } = useText()
  if (!said) return t('ride.odd')
  switch (said.kind) {
    case 'exchange':
      return [
        `${t(`response.${said.response}`)}, ${String(said.strength)} ${t(`strength.${said.strength}`)}`,
        ...(said.first && said.first < said.strength ? [t('ask.firstAt', { strength: said.first })] : []),
        ...(said.aids ?? []).map((aid) => aidInWords(t, aid)),
      ].join(' · ')
    case 'segment':
      return [
        exerciseName(said.exercise),
        wordIn(t, 'gait', said.gait),
        t(`rein.${said.rein}`),
        ...(said.side ? [t('ride.toSide', { side: t(`worked.${said.side}`) })] : []),
        ...(said.school ? [t(`school.${said.school}`)] : []),
        ...(said.from ? [t('figure.begunAt', { letter: said.from })] : []),
        ...(said.cue ? [t('figure.byCue')] : []),
        ...(said.correction ? [t('figure.errorSaid', { policy: t(`correctShort.${said.correction}`) })] : []),
      ].join(', ')
    case 'rest':
      return t('ride.rest')
    case 'note':
      return said.text
    default:
      return isMark(said) ? markInWords(t, said) : said.kind
  }
}

function aidInWords(t: Text, { means, side, manner }: Aid): string {
  const whose = side === 'NONE' ? t(`means.${means}`) : t(`ask.sided.${side}`, { means: t(`means.${means}`) })
  return manner ? `${whose} ${t(`manner.${manner}`)}` : whose
}

function isMark(said: Payload): said is Mark {
  return MARKS.has(said.kind)
}

const MARKS = new Set<string>(MARK_KINDS)

function seenInWords(t: Text, { name, side }: { name: string; side: Side }): string {
  const where = side === 'NONE' ? '' : `, ${t(`side.${side}`)}`
  return wordIn(t, 'seen', name) + where
}

function markInWords(t: Text, said: Mark): string {
  switch (said.kind) {
    case 'fault':
    case 'sign':
      return seenInWords(t, said)
    case 'stop_sign':
      return t(`stopSign.${said.sign}`) + (said.side === 'NONE' ? '' : `, ${t(`side.${said.side}`)}`)
    case 'correction':
      return t(said.made ? 'see.made' : 'see.letPass')
    case 'release':
      return t('see.released', { release: t(`release.${said.release}`) })
    case 'contact':
      return `${t(`see.contact.${said.side}`)}: ${t(`felt.${said.felt}`)}`
    case 'held':
      return `${String(said.amount)} ${t(`pair.holdUnit.${said.unit}`)}`
    case 'head':
      return t('see.headAt', { cm: said.cm })
    case 'choice':
      return said.returnS === undefined
        ? t(`choice.${said.choice}`)
        : t('choice.after', { choice: t(`choice.${said.choice}`), seconds: said.returnS })
    case 'reward':
      return t('choice.reward')
    case 'line':
      return [
        t('line.strides', { count: said.ridden }),
        ...(said.takeOff ? [t(`takeOff.${said.takeOff}`)] : []),
        ...(said.rail && said.rail !== 'CLEAR'
          ? [t(said.rail === 'DOWN' ? 'line.down' : 'line.touched')]
          : []),
      ].join(', ')
    case 'poles':
      return t('poles.ridden', { answer: t(`poles.${said.answer}`) })
    case 'position':
      return t('position.seen', { answer: t(`position.${said.answer}`) })
    case 'praise':
      return t('see.praise')
    case 'probe':
      return t('probe.ask')
    case 'help':
      return t('probe.helpedSaid', { exercise: said.exercise.replaceAll('-', ' ') })
    case 'comment':
      return t('clip.said', { text: said.text })
    case 'frame_measure':
      return t('frame.kept', { shape: t(`frameShape.${said.shape}`) })
    case 'footfalls':
      return t('clip.marked', { count: said.landings.length })
    case 'time_base':
      if (said.clip) return t('clip.named', { name: said.clip.fileName })
      return t('see.timeBase', { source: t(`timeSource.${said.source}`) })
    case 'conditions':
      return t('see.conditions')
    case 'headgear':
      return t('see.headgear', { headgear: said.headgear.replaceAll('-', ' ') })
    case 'effort':
      return t('see.effort', { horse: said.horse })
    case 'watch':
      return t('watch.put', {
        what: seenInWords(t, said),
        weeks: t('watch.weeks', { count: said.weeks }),
      })
    case 'tally':
      return [
        t('tally.said', { good: said.good, count: said.good + said.others }),
        ...(said.strength ? [`${String(said.strength)} ${t(`strength.${said.strength}`)}`] : []),
      ].join(' · ')
    case 'slip':
      return t('slip.said')
    case 'voice':
      return t(said.felt ? 'riderFelt.spoken' : 'voice.said', { time: clock(said.durationMs) })
    case 'rider_felt':
      return t('riderFelt.said', {
        felt: [
          ...(said.text ? [said.text] : []),
          ...(said.better ? [t(`riderFelt.side.${said.better}`)] : []),
          ...(said.leftKg === undefined ? [] : [t('riderFelt.kg.LEFT', { kg: said.leftKg })]),
          ...(said.rightKg === undefined ? [] : [t('riderFelt.kg.RIGHT', { kg: said.rightKg })]),
        ].join(' · '),
      })
    case 'next_time':
      return t('nextTime.said', { text: said.text })
    case 'for_rider':
      return t('forRider.said')
    case 'latch':
      return t(said.on ? 'latch.saidOn' : 'latch.saidOff', { fault: seenInWords(t, said) })
    case 'watched':
      return t(said.seen ? 'watch.wasSeen' : 'watch.wasNotSeen')
  }
}
