import { chakra, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { STRENGTHS } from '../record'
import type { Payloads, Strength } from '../record'
import { useText } from '../text'
import { Button } from '../ui'
import { Drawer } from './Drawer'

/** About how many were asked: small numbers one by one, larger ones as people round them. */
const ABOUT = [2, 3, 4, 5, 6, 8, 10, 12, 15, 20]

type TurnCount = Omit<Payloads['tally'], 'segment'>

interface TallyDrawerProps {
  /** What was ridden in the turn, in words. */
  turn: string
  /** Asked by strength; other pads have none. */
  hasStrength: boolean
  onKeep: (counted: TurnCount) => void
  onClose: () => void
}

/**
 * A turn's answers counted afterwards, in three touches: about how many, how many of them were good, how strongly it was asked. The last
 * touch keeps it. All keys stand where they are from the start; those that cannot be yet are pale.
 */
export function TallyDrawer({ turn, hasStrength, onKeep, onClose }: TallyDrawerProps) {
  const { t } = useText()
  const [asks, setAsks] = useState<number>()
  const [good, setGood] = useState<number>()
  const keep = (of: number, so: number, strength?: Strength) =>
    onKeep({ good: so, others: of - so, ...(strength && { strength }) })
  const chooseAsks = (n: number) => {
    setAsks(n)
    if (good !== undefined && good > n) setGood(undefined)
  }
  const chooseGood = (n: number) => {
    if (asks === undefined) return
    if (hasStrength) setGood(n)
    else keep(asks, n)
  }
  return (
    <Drawer title={t('tally.title', { turn })} name={t('tally.title', { turn })} onClose={onClose}>
      <Numbers name={t('tally.asks')} numbers={ABOUT} now={asks} columns={5} onChoose={chooseAsks} />
      <Numbers
        name={t('tally.good')}
        numbers={Array.from({ length: 21 }, (_, n) => n)}
        most={asks ?? -1}
        now={good}
        columns={6}
        onChoose={chooseGood}
      />
      {hasStrength && (
        <chakra.div role="group" aria-label={t('tally.strength')}>
          <chakra.div fontWeight="650" marginBottom="1.5" aria-hidden>
            {t('tally.strength')}
          </chakra.div>
          <Grid gap="1.5" templateColumns="repeat(4, minmax(0, 1fr))">
            {STRENGTHS.map((strength) => (
              <Button
                key={strength}
                look="key"
                minHeight="64px"
                paddingX="1"
                lineHeight="1.1"
                disabled={asks === undefined || good === undefined}
                onClick={() => asks !== undefined && good !== undefined && keep(asks, good, strength)}
              >
                {strength} {t(`strength.${strength}`)}
              </Button>
            ))}
          </Grid>
        </chakra.div>
      )}
    </Drawer>
  )
}

interface NumbersProps {
  name: string
  numbers: number[]
  now: number | undefined
  /** Those above cannot be chosen. */
  most?: number
  columns: number
  onChoose: (n: number) => void
}

function Numbers({ name, numbers, now, most = Infinity, columns, onChoose }: NumbersProps) {
  return (
    <chakra.div role="group" aria-label={name}>
      <chakra.div fontWeight="650" marginBottom="1.5" aria-hidden>
        {name}
      </chakra.div>
      <Grid gap="1.5" templateColumns={`repeat(${String(columns)}, minmax(0, 1fr))`}>
        {numbers.map((n) => (
          <Button
            key={n}
            look="key"
            minHeight="52px"
            paddingX="1"
            fontVariantNumeric="tabular-nums"
            disabled={n > most}
            aria-pressed={n === now}
            onClick={() => onChoose(n)}
          >
            {n}
          </Button>
        ))}
      </Grid>
    </chakra.div>
  )
}
