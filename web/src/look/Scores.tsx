import { Box, chakra, Flex } from '@chakra-ui/react'
import { useText } from '../text'
import { COMPLAINTS, RIDING_MINUTES, SCORES, SOUNDNESS } from '../record'
import type { FirstLook } from '../record'
import { Quiet, Steps } from '../ui'
import { SidedScores } from './SidedScores'
import { Heading } from './Sides'
import { isLow } from './stations'
import { Ticks } from './StationKeys'

interface ScoresProps {
  look: FirstLook
  before: FirstLook[]
  onChange: (change: Partial<FirstLook>) => void
}

type Scored =
  | 'calm'
  | 'attention'
  | 'halt'
  | 'leg'
  | 'rider'
  | 'seat'
  | 'tension'
  | 'breath'
  | 'tempo'
  | 'haltFaster'
  | 'hand'

/** Soundness first, since it decides whether there is a ride at all; then four rows from bad to good. */
export function Soundness({ look, onChange }: Omit<ScoresProps, 'before'>) {
  const { t } = useText()
  const isSound = look.soundness === undefined || look.soundness === 'SOUND'
  return (
    <Box>
      <Heading marginTop="0">{t('look.soundness')}</Heading>
      <Steps
        label={t('look.soundness')}
        columns={2}
        values={SOUNDNESS}
        chosen={look.soundness}
        nameOf={(s) => t(`soundness.${s}`)}
        onChoose={(soundness) => onChange({ soundness })}
        color={isSound ? 'good' : 'warn'}
        onColor={isSound ? 'onGood' : 'card'}
      />
    </Box>
  )
}

/** The horse on the ground: its mind, then what it answers. */
export function InHandScores(props: ScoresProps) {
  const { t } = useText()
  const { look, onChange } = props
  const isShort = isLow(look.hindLeft) || isLow(look.hindRight)
  return (
    <Box>
      <ScoreRow name="calm" {...props} />
      <ScoreRow name="attention" {...props} />
      <SidedScores check="jaw" look={look} onChange={onChange} />
      <SidedScores check="hind" look={look} onChange={onChange} />
      {isShort && (
        <YesNo
          name={t('look.neckTwists')}
          now={look.neckTwists}
          onSay={(neckTwists) => onChange({ neckTwists })}
        />
      )}
    </Box>
  )
}

/** What is asked from the ground and again from the saddle, and the rider. */
export function AnswerScores(props: ScoresProps) {
  const { t } = useText()
  const { look, onChange } = props
  return (
    <Box>
      <ScoreRow name="halt" {...props} />
      <Ticks look={look} of="haltAt" name={t('look.halt')} onChange={onChange} />
      <ScoreRow
        name="leg"
        {...props}
        onChange={(c) => onChange(isLow(c.leg) ? c : { ...c, balks: undefined })}
      />
      {isLow(look.leg) && (
        <YesNo name={t('look.balks')} now={look.balks} onSay={(balks) => onChange({ balks })} />
      )}
      <Ticks look={look} of="legAt" name={t('look.leg')} onChange={onChange} />
    </Box>
  )
}

export function MountedScores(props: ScoresProps) {
  const { t } = useText()
  const { look, onChange } = props
  return (
    <Box>
      <ScoreRow name="rider" {...props} />
      {isLow(look.rider) &&
        (['seat', 'tension', 'breath'] as const).map((name) => (
          <ScoreRow key={name} name={name} {...props} />
        ))}
      <ScoreRow name="tempo" {...props} />
      <ScoreRow name="haltFaster" {...props} />
      <ScoreRow name="hand" {...props} />
      <Heading>{t('look.complaint')}</Heading>
      <Steps
        label={t('look.complaint')}
        columns={2}
        values={COMPLAINTS}
        chosen={look.complaint}
        nameOf={(c) => t(`complaint.${c}`)}
        onChoose={(complaint) => onChange({ complaint })}
      />
      {(['riddenToday', 'riddenYesterday'] as const).map((day) => (
        <Box key={day}>
          <Heading>{t(`look.${day}`)}</Heading>
          <Steps
            label={t(`look.${day}`)}
            values={RIDING_MINUTES}
            chosen={look[day]}
            nameOf={(m) =>
              t(m === 0 ? 'look.notRidden' : m === 60 ? 'look.riddenMost' : 'look.riddenFor', { minutes: m })
            }
            onChoose={(m) => onChange({ [day]: m })}
          />
        </Box>
      ))}
    </Box>
  )
}

function ScoreRow({ name, look, before, onChange }: ScoresProps & { name: Scored }) {
  const { t } = useText()
  const said = look[name]
  return (
    <>
      <Flex align="baseline" justify="space-between" gap="3">
        <Heading>{t(`look.${name}`)}</Heading>
        <Quiet>{said === undefined ? t('look.notYet') : t(`score.${name}.${said}`)}</Quiet>
      </Flex>
      <Steps
        label={t(`look.${name}`)}
        values={SCORES}
        chosen={said}
        ghosts={before.map((b) => b[name])}
        nameOf={(s) => `${s}: ${t(`score.${name}.${s}`)}`}
        shownOf={(s) => (
          <chakra.span display="flex" flexDirection="column" alignItems="center" gap="0.5">
            <b>{s}</b>{' '}
            <chakra.span fontSize="xs" fontWeight="500" lineHeight="1.05">
              {t(`score.${name}.${s}`)}
            </chakra.span>
          </chakra.span>
        )}
        onChoose={(s) => onChange({ [name]: s })}
      />
    </>
  )
}

interface YesNoProps {
  name: string
  now: boolean | undefined
  onSay: (now: boolean | undefined) => void
}

function YesNo({ name, now, onSay }: YesNoProps) {
  const { t } = useText()
  return (
    <Flex align="center" justify="space-between" gap="3" marginTop="2">
      <span>{name}</span>
      <Box width="9rem">
        <Steps
          label={name}
          values={[true, false]}
          chosen={now}
          nameOf={(yes) => t(yes ? 'look.yes' : 'look.no')}
          onChoose={onSay}
        />
      </Box>
    </Flex>
  )
}
