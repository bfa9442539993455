import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { wordIn, useText } from '../text'
import { BEND_PLACES, CIRCLES, SCORES } from '../record'
import type { BendPlace, Circle, FirstLook } from '../record'
import { SIDE, SideLetter, Steps } from '../ui'
import type { OneSide } from '../ui'
import { HorseFromAbove } from './HorseFromAbove'
import { Ticks } from './StationKeys'
import { isLow } from './stations'

interface SidesProps {
  look: FirstLook
  /** Earlier looks, the latest first. */
  before: FirstLook[]
  onChange: (change: Partial<FirstLook>) => void
}

const KEYS = {
  LEFT: { bend: 'bendLeft', place: 'placeLeft', circle: 'circleLeft' },
  RIGHT: { bend: 'bendRight', place: 'placeRight', circle: 'circleRight' },
} as const
const SHOULDERS = [-2, -1, 0, 1, 2]

/** Left and right, mirrored about the horse: how far it bends, where, the smallest even circle, the heavy shoulder. */
export function Sides({ look, before, onChange }: SidesProps) {
  const { t } = useText()
  return (
    <Box>
      <Grid templateColumns="64px minmax(0, 1fr) 64px" gap="3" alignItems="center">
        <BendColumn side="LEFT" {...{ look, before, onChange }} />
        <Box maxWidth="280px" marginX="auto" width="full">
          <HorseFromAbove look={look} before={before[0]} />
        </Box>
        <BendColumn side="RIGHT" {...{ look, before, onChange }} />
      </Grid>
      <Heading>{t('look.place')}</Heading>
      <Mirror>
        {(['LEFT', 'RIGHT'] as const).map((side) => (
          <Steps<BendPlace>
            key={side}
            label={`${t('look.place')}, ${t(`side.${side}`)}`}
            columns={2}
            values={BEND_PLACES}
            chosen={look[KEYS[side].place]}
            ghosts={before.map((b) => b[KEYS[side].place])}
            nameOf={(p) => t(`bendPlace.${p}`)}
            onChoose={(p) => onChange({ [KEYS[side].place]: p })}
            color={SIDE[side].color}
            onColor={SIDE[side].on}
          />
        ))}
      </Mirror>
      {(isLow(look.bendLeft) || isLow(look.bendRight)) && <Heading>{t('look.circle')}</Heading>}
      <Mirror>
        {(['LEFT', 'RIGHT'] as const).map((side) =>
          // asked only where it bends little: a good bend needs no circle to show it
          isLow(look[KEYS[side].bend]) ? (
            <Steps<Circle>
              key={side}
              label={`${t('look.circle')}, ${t(`side.${side}`)}`}
              columns={3}
              values={CIRCLES}
              chosen={look[KEYS[side].circle]}
              ghosts={before.map((b) => b[KEYS[side].circle])}
              nameOf={(m) => (m === 0 ? t('look.onNone') : t('look.metres', { metres: m }))}
              shownOf={(m) => (m === 0 ? t('look.none') : m)}
              onChoose={(m) => onChange({ [KEYS[side].circle]: m })}
              color={SIDE[side].color}
              onColor={SIDE[side].on}
            />
          ) : (
            <span key={side} />
          ),
        )}
      </Mirror>
      <Ticks look={look} of="bendAt" name={t('look.bends')} onChange={onChange} />
      <Heading>{t('look.shoulder')}</Heading>
      <Steps
        label={t('look.shoulder')}
        values={SHOULDERS}
        chosen={look.shoulder}
        ghosts={before.map((b) => b.shoulder)}
        nameOf={(w) => wordIn(t, 'look.weight', w)}
        onChoose={(shoulder) =>
          onChange({
            shoulder,
            shoulderBoth: shoulder ? look.shoulderBoth : undefined,
            shoulderInside: undefined,
          })
        }
        color={(look.shoulder ?? 0) < 0 ? 'left' : (look.shoulder ?? 0) > 0 ? 'right' : 'ink'}
        onColor={(look.shoulder ?? 0) < 0 ? 'onLeft' : (look.shoulder ?? 0) > 0 ? 'onRight' : 'ground'}
      />
      {!!look.shoulder && (
        <Box marginTop="2">
          <Steps
            label={t('look.shoulderBoth')}
            values={[true, false]}
            chosen={look.shoulderBoth}
            nameOf={(both) => t(both ? 'look.bothReins' : 'look.oneRein')}
            onChoose={(shoulderBoth) => onChange({ shoulderBoth })}
          />
        </Box>
      )}
      <Box marginTop="2">
        <Steps
          label={t('look.shoulderInside')}
          values={[true]}
          chosen={look.shoulderInside}
          nameOf={() => t('look.shoulderInside')}
          onChoose={(shoulderInside) =>
            onChange({ shoulderInside, shoulder: undefined, shoulderBoth: undefined })
          }
        />
      </Box>
      <Ticks look={look} of="shouldersAt" name={t('look.shoulder')} onChange={onChange} />
    </Box>
  )
}

function BendColumn({ side, look, before, onChange }: SidesProps & { side: OneSide }) {
  const { t } = useText()
  const key = KEYS[side].bend
  return (
    <Flex direction="column" gap="1.5" align="stretch">
      <Flex justify="center">
        <SideLetter side={side} size="2em" />
      </Flex>
      <Steps
        column
        label={`${t('look.bend')}, ${t(`side.${side}`)}`}
        values={[...SCORES].reverse()}
        chosen={look[key]}
        ghosts={before.map((b) => b[key])}
        nameOf={(s) => `${s}: ${t(`score.bend.${s}`)}`}
        shownOf={(s) => s}
        onChoose={(s) => onChange(isLow(s) ? { [key]: s } : { [key]: s, [KEYS[side].circle]: undefined })}
        color={SIDE[side].color}
        onColor={SIDE[side].on}
      />
    </Flex>
  )
}

const Mirror = chakra('div', {
  base: { display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)', gap: '4' },
})

export const Heading = chakra('h2', {
  base: { fontSize: 'md', fontWeight: '720', fontFamily: 'body', marginTop: '4', marginBottom: '1.5' },
})
