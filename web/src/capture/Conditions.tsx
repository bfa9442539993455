import { chakra, Flex } from '@chakra-ui/react'
import { CloudSun } from 'lucide-react'
import { useRef, useState } from 'react'
import type { Text } from '../text'
import { useText } from '../text'
import { BOUNDS, FOOTINGS } from '../record'
import type { RideMark, Payloads } from '../record'
import { notedIn } from './DayLines'
import { Button, Input } from '../ui'

interface ConditionsProps {
  marks: RideMark[]
  onSay: (noted: Record<string, unknown>) => void
}

/** Ground and weather, once at the start; all of it may be left out. */
export function Conditions({ marks, onSay }: ConditionsProps) {
  const { t } = useText()
  const noted = notedIn(marks)
  const now = Object.keys(noted).length > 0 ? noted : undefined
  // what was said a moment ago may not be in the log yet: it is said again with what follows
  const said = useRef<Payloads['conditions']>({})
  const say = (change: Payloads['conditions']) => {
    said.current = { ...said.current, ...change }
    const { footing, temperatureC, humidityPct } = { ...noted, ...said.current }
    onSay({ footing, temperatureC, humidityPct })
  }
  return (
    <Fold>
      <summary>
        <CloudSun size={22} aria-hidden />
        {t('see.conditionsOpen')}
        {now && <chakra.span fontWeight="400">{` · ${inWords(t, now)}`}</chakra.span>}
      </summary>
      <Flex gap="1.5" wrap="wrap" align="center">
        <chakra.span fontWeight="650" marginRight="1">
          {t('ride.ground')}
        </chakra.span>
        {FOOTINGS.map((footing) => (
          <Button
            key={footing}
            look="key"
            paddingX="3"
            aria-pressed={now?.footing === footing}
            onClick={() => say({ footing })}
          >
            {t(`footing.${footing}`)}
          </Button>
        ))}
      </Flex>
      <Flex gap="3" align="center" wrap="wrap">
        <Measured
          key={`t${String(now?.temperatureC)}`}
          name={t('ride.temperature')}
          value={now?.temperatureC}
          bounds={BOUNDS.conditions.temperatureC}
          onSay={(temperatureC) => say({ temperatureC })}
        />
        <Measured
          key={`h${String(now?.humidityPct)}`}
          name={t('ride.humidity')}
          value={now?.humidityPct}
          bounds={BOUNDS.conditions.humidityPct}
          onSay={(humidityPct) => say({ humidityPct })}
        />
      </Flex>
    </Fold>
  )
}

const Fold = chakra('details', {
  base: {
    display: 'grid',
    gap: '2',
    '& > summary': {
      minHeight: 'touch',
      display: 'flex',
      alignItems: 'center',
      cursor: 'pointer',
      gap: '2',
      textDecoration: 'underline',
      textUnderlineOffset: '3px',
      fontWeight: '650',
    },
    '&[open] > * + *': { marginTop: '2' },
  },
})

function inWords(t: Text, { footing, temperatureC, humidityPct }: Payloads['conditions']): string {
  return [
    footing && t(`footing.${footing}`),
    temperatureC !== undefined && `${String(temperatureC)} °C`,
    humidityPct !== undefined && `${String(humidityPct)} %`,
  ]
    .filter(Boolean)
    .join(', ')
}

interface MeasuredProps {
  name: string
  value: number | undefined
  bounds: { least: number; most: number }
  onSay: (value: number) => void
}

/** A whole number, kept when the field is left; what is out of its bounds is said, and stays to be mended. */
function Measured({ name, value, bounds, onSay }: MeasuredProps) {
  const { t } = useText()
  const [text, setText] = useState(value === undefined ? '' : String(value))
  const number = Number(text)
  const isWrong =
    text.trim() !== '' && !(Number.isInteger(number) && number >= bounds.least && number <= bounds.most)
  const keep = () => {
    if (text.trim() !== '' && !isWrong && number !== value) onSay(number)
  }
  return (
    <chakra.label display="flex" gap="2" alignItems="center">
      <span>{name}</span>
      <Input
        width="5.2rem"
        inputMode="numeric"
        aria-invalid={isWrong || undefined}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
      />
      {isWrong && (
        <chakra.span color="warn" role="alert">
          {t('ride.within', { ...bounds })}
        </chakra.span>
      )}
    </chakra.label>
  )
}
