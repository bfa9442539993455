import { chakra, Flex, VisuallyHidden } from '@chakra-ui/react'
import { useState } from 'react'
import { useText } from '../text'
import { SCORES } from '../record'
import type { FirstLook } from '../record'
import { SideLetter } from '../ui'
import type { OneSide } from '../ui'
import { Heading } from './Sides'
import { Ticks } from './StationKeys'
import type { Ticked } from './stations'

const SIDED = {
  jaw: { LEFT: 'jawLeft', RIGHT: 'jawRight', at: 'jawAt' },
  hind: { LEFT: 'hindLeft', RIGHT: 'hindRight', at: 'hindAt' },
} as const satisfies Record<string, Record<OneSide, keyof FirstLook> & { at: Ticked }>

type Which = OneSide | 'BOTH'
const WHICH: readonly Which[] = ['LEFT', 'BOTH', 'RIGHT']

interface SidedScoresProps {
  check: keyof typeof SIDED
  look: FirstLook
  onChange: (change: Partial<FirstLook>) => void
}

/** Five keys for both sides at once, since most horses are alike there; one side alone where they are not. */
export function SidedScores({ check, look, onChange }: SidedScoresProps) {
  const { t } = useText()
  const [which, setWhich] = useState<Which>('BOTH')
  const keys = SIDED[check]
  const sides: OneSide[] = which === 'BOTH' ? ['LEFT', 'RIGHT'] : [which]
  const name = t(`look.${check}`)
  return (
    <>
      <Flex align="center" justify="space-between" gap="3" marginTop="3" marginBottom="1">
        <Heading margin="0">{name}</Heading>
        <WhichKeys name={name} now={which} onChoose={setWhich} />
      </Flex>
      <Scale role="group" aria-label={name}>
        {SCORES.map((score) => {
          const here = (['LEFT', 'RIGHT'] as const).filter((s) => look[keys[s]] === score)
          const isAll = sides.every((s) => look[keys[s]] === score)
          return (
            <ScoreKey
              key={score}
              aria-pressed={isAll}
              onClick={() =>
                onChange(Object.fromEntries(sides.map((s) => [keys[s], isAll ? undefined : score])))
              }
            >
              <VisuallyHidden>{`${t(`look.which.${which}`)}, ${score}: ${t(`score.${check}.${score}`)}`}</VisuallyHidden>
              <b aria-hidden>{score}</b>
              <chakra.span fontSize="xs" fontWeight="500" lineHeight="1.05" aria-hidden>
                {t(`score.${check}.${score}`)}
              </chakra.span>
              <Flex gap="0.5" minHeight="1.2em">
                {here.map((s) => (
                  <SideLetter key={s} side={s} size="1.2em" />
                ))}
              </Flex>
            </ScoreKey>
          )
        })}
      </Scale>
      <Ticks look={look} of={keys.at} name={name} onChange={onChange} />
    </>
  )
}

interface WhichKeysProps {
  name: string
  now: Which
  onChoose: (which: Which) => void
}

function WhichKeys({ name, now, onChoose }: WhichKeysProps) {
  const { t } = useText()
  return (
    <chakra.select
      aria-label={`${name}, ${t('look.side')}`}
      value={now}
      onChange={(e) => onChoose(WHICH.find((w) => w === e.target.value) ?? 'BOTH')}
      width="5.5rem"
      flexShrink={0}
      minHeight="touch"
      paddingX="2"
      borderRadius="key"
      borderWidth="2px"
      borderColor="line"
      background="card"
      fontSize="sm"
    >
      {WHICH.map((w) => (
        <option key={w} value={w}>
          {t(`look.which.${w}`)}
        </option>
      ))}
    </chakra.select>
  )
}

const Scale = chakra('div', {
  base: { display: 'grid', gap: '1', gridTemplateColumns: 'repeat(5, minmax(0, 1fr))' },
})

const ScoreKey = chakra('button', {
  base: {
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'center',
    justifyContent: 'center',
    minHeight: 'touch',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    fontWeight: '650',
    lineHeight: '1.1',
    cursor: 'pointer',
    touchAction: 'manipulation',
    '&[aria-pressed=true]': { borderColor: 'ink', background: 'sunken' },
  },
})
