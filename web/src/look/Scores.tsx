import { Box, Flex } from '@chakra-ui/react'
import { useText } from '../text'
import { SCORES, SOUNDNESS } from '../record'
import type { FirstLook } from '../record'
import { Quiet, Steps } from '../ui'
import { Heading } from './Sides'

interface ScoresProps {
  look: FirstLook
  before: FirstLook[]
  onChange: (change: Partial<FirstLook>) => void
}

const SCORED = ['calm', 'rider', 'halt', 'leg'] as const

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

export function Scores({ look, before, onChange }: ScoresProps) {
  const { t } = useText()
  return (
    <Box>
      {SCORED.map((name) => {
        const said = look[name]
        return (
          <Box key={name}>
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
              shownOf={(s) => s}
              onChoose={(s) => onChange({ [name]: s })}
            />
          </Box>
        )
      })}
    </Box>
  )
}
