import { chakra } from '@chakra-ui/react'
import { Button, SideLetter } from '../ui'
import { useState } from 'react'
import { MOUNTED } from '../record'
import type { Packet } from '../api'
import { useText } from '../text'
import { changed, choicesOf, worksOf } from './choose'
import type { RungsAndAids, RiddenSegment } from './choose'
import { FigureChips } from './FigureDrawer'
import { gaitInWords, gaitsOf } from './SegmentBar'
import { CueChips } from './CueChips'
import { LetterChips } from './LetterChips'
import { TeachingChips } from './TeachingChips'
import type { HowTaught } from './TeachingChips'
import { Chips, Drawer } from './Drawer'
import { ExerciseSelect } from './ExerciseSelect'

interface SegmentDrawerProps {
  known: RungsAndAids & HowTaught & Pick<Packet, 'known'>
  ridden: RiddenSegment
  onKeep: (ridden: RiddenSegment) => void
  onClose: () => void
}

/** A stretch that was ridden otherwise than it was touched in: what it counts for is put right afterwards. */
export function SegmentDrawer({ known, ridden, onKeep, onClose }: SegmentDrawerProps) {
  const { t } = useText()
  const [said, setSaid] = useState(ridden)
  const change = (what: Partial<RiddenSegment>) => setSaid((now) => changed(known, now, what))
  const exercises = choicesOf(known.rungs)
  return (
    <Drawer
      title={t('touches.segment')}
      name={t('touches.segment')}
      onClose={onClose}
      foot={
        <Button look="live" minHeight="64px" fontSize="lg" onClick={() => onKeep(said)}>
          {t('ride.keep')}
        </Button>
      }
    >
      <Chips
        name={t('touches.rein')}
        words={['LEFT', 'RIGHT'] as const}
        now={said.rein === 'NONE' ? undefined : said.rein}
        text={(side) => (
          <>
            <SideLetter side={side} /> {t(`Rein.${side}`)}
          </>
        )}
        isNeeded
        onChoose={(rein) => rein && change({ rein })}
      />
      {worksOf(known.rungs, said.exercise) === 'CHOSEN' && (
        <Chips
          name={t('ride.whichSide')}
          words={['LEFT', 'RIGHT'] as const}
          now={said.side}
          text={(side) => (
            <>
              <SideLetter side={side} /> {t(`worked.${side}`)}
            </>
          )}
          onChoose={(side) => change({ side })}
        />
      )}
      <Chips
        name={t('ride.gait')}
        words={gaitsOf(known.rungs, known.known.ownGait)}
        now={said.gait}
        text={(gait) => gaitInWords(t, gait, known.known.ownGait)}
        isNeeded
        onChoose={(gait) => gait && change({ gait })}
      />
      <FigureChips now={said} onChange={change} />
      <LetterChips ground={known.ground} now={said} onChange={change} />
      <CueChips cues={known.cues} now={said} onChange={change} />
      <TeachingChips known={known} now={said} onChange={change} />
      <Chips
        name={t('mounted.label')}
        words={MOUNTED}
        now={said.mounted}
        text={(mounted) => t(`mounted.${mounted}`)}
        isNeeded
        onChoose={(mounted) => mounted && change({ mounted })}
      />
      <chakra.p fontWeight="650" marginBottom="1">
        {t('ride.exercise')}
      </chakra.p>
      <ExerciseSelect
        label={t('ride.exercise')}
        value={said.exercise}
        among={exercises}
        names={known.strandNames}
        onChoose={(exercise) => change({ exercise })}
      />
    </Drawer>
  )
}
