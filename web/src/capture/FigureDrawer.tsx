import type { ReactNode } from 'react'
import type { Text } from '../text'
import { BENDS, CIRCLES } from '../record'
import { wordIn, useText } from '../text'
import { CueChips } from './CueChips'
import { LetterChips } from './LetterChips'
import { TeachingChips } from './TeachingChips'
import type { HowTaught } from './TeachingChips'
import type { RiddenSegment } from './choose'
import { Chips, Drawer } from './Drawer'

interface FigureDrawerProps {
  known: HowTaught
  now: RiddenSegment
  onChange: (change: Partial<RiddenSegment>) => void
  onClose: () => void
  /** What else there is to know of the ground. */
  children?: ReactNode
}

// none at all is an answer of the look, not a circle to ride
const RIDDEN_CIRCLES = CIRCLES.filter((metres) => metres > 0)
const ELSEWHERE = ['RAIL', 'ACROSS'] as const

/** Where it is ridden, on how large a circle, and how the horse is flexed on it. */
export function FigureDrawer({ known, now, onChange, onClose, children }: FigureDrawerProps) {
  const { t } = useText()
  return (
    <Drawer title={t('figure.title')} name={t('figure.title')} onClose={onClose} isLow>
      <TeachingChips known={known} now={now} onChange={onChange} />
      <FigureChips now={now} onChange={onChange} />
      <LetterChips ground={known.ground} now={now} onChange={onChange} isLive />
      <CueChips cues={known.cues} now={now} onChange={onChange} />
      {children}
    </Drawer>
  )
}

/** Place, circle and bend, each one touch. */
export function FigureChips({ now, onChange }: Omit<FigureDrawerProps, 'known' | 'onClose' | 'children'>) {
  const { t } = useText()
  return (
    <>
      <Chips
        name={t('figure.place')}
        words={ELSEWHERE}
        now={ELSEWHERE.find((p) => p === now.place)}
        text={(place) => wordIn(t, 'place', place)}
        isNeeded
        onChoose={(place) => place && onChange({ place, circleM: undefined })}
      />
      <Chips
        name={t('figure.circle')}
        words={RIDDEN_CIRCLES}
        now={now.place === 'CIRCLE' ? RIDDEN_CIRCLES.find((m) => m === now.circleM) : undefined}
        text={(metres) => t('figure.metres', { metres })}
        isNeeded
        onChoose={(circleM) => circleM && onChange({ place: 'CIRCLE', circleM })}
      />
      <Chips
        name={t('figure.bend')}
        words={BENDS}
        now={now.bend}
        text={(bend) => t(`bend.${bend}`)}
        onChoose={(bend) => onChange({ bend })}
      />
    </>
  )
}

/** The figure in a word or two: what the key that opens the sheet says. */
export function figureInWords(t: Text, now: RiddenSegment): string {
  const place =
    now.place === 'CIRCLE' && now.circleM
      ? t('figure.metres', { metres: now.circleM })
      : wordIn(t, 'place', now.place)
  return [
    place,
    now.bend && t(`figure.flexed.${now.bend}`),
    now.school && t(`school.${now.school}`),
    now.cue && t('figure.byCue'),
  ]
    .filter(Boolean)
    .join(', ')
}
