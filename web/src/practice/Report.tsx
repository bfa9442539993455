import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { Minus, Plus } from 'lucide-react'
import { useForm, useWatch } from 'react-hook-form'
import { v7 } from 'uuid'
import type { Assignment, NewPractice } from '../api'
import { useMe } from '../session'
import { shelfOf } from '../store'
import { Button, TextArea, Quiet, SideLetter } from '../ui'
import type { OneSide } from '../ui'
import { isoOf, useText } from '../text'

const FEELS = ['EASY', 'GETTING_THERE', 'NOT_YET'] as const
const STOP_SIGNS = [
  'SORE_SPOT',
  'UNLEVEL',
  'REFUSES_ONE_SIDE',
  'SWEAT_WITHOUT_WORK',
  'FRIGHT',
  'RIDER_HURTS',
] as const

interface ReportProps {
  card: Assignment
  leftS: number
  rightS: number
  startedMs: number
  /** The server's clock less this device's. */
  offsetMs: number
  onDone: (isKept: boolean) => void
}

interface FormValues {
  stopSigns: NewPractice['stopSigns']
  question: string
  secondBest: boolean
  good: Record<OneSide, number>
  minutes: Record<OneSide, number>
}

/** Ten seconds: how it went, and only if there is something, what. Kept here first; sent when there is a network. */
export function Report({ card, leftS, rightS, startedMs, offsetMs, onDone }: ReportProps) {
  const { t } = useText()
  const { person } = useMe()
  const step = card.steps[card.step]
  const counted = card.goodShare === null ? 0 : (step?.amount ?? 0)
  const untimed = leftS + rightS === 0
  const { control, register, getValues, setValue } = useForm<FormValues>({
    defaultValues: {
      stopSigns: [],
      question: '',
      secondBest: false,
      good: { LEFT: counted, RIGHT: counted },
      minutes: { LEFT: 0, RIGHT: 0 },
    },
  })
  const [stopSigns, secondBest, good, minutes] = useWatch({
    control,
    name: ['stopSigns', 'secondBest', 'good', 'minutes'],
  })
  const keep = async (feel: NewPractice['feel']) => {
    await shelfOf(person).practices.add({
      id: v7(),
      assignment: card.id,
      author: person,
      step: card.step,
      rung: step?.rung ?? '',
      startedAt: isoOf(startedMs + offsetMs),
      leftS: untimed ? 60 * minutes.LEFT : leftS,
      rightS: untimed ? 60 * minutes.RIGHT : rightS,
      feel,
      leftGood: good.LEFT,
      leftCounted: counted,
      rightGood: good.RIGHT,
      rightCounted: counted,
      stopSigns,
      question: getValues('question').trim() || null,
      secondBest,
      passage: 'waiting',
    })
    onDone(true)
  }
  const flip = (sign: (typeof STOP_SIGNS)[number]) =>
    setValue(
      'stopSigns',
      stopSigns.includes(sign) ? stopSigns.filter((s) => s !== sign) : [...stopSigns, sign],
    )
  return (
    <Box maxWidth="36rem" marginX="auto">
      <chakra.h1 fontSize="3xl" fontWeight="770">
        {t('practice.how')}
      </chakra.h1>
      <Quiet marginBottom="3">{step?.name}</Quiet>
      {untimed && (
        <Counts
          label={t('practice.minutesRidden')}
          value={minutes}
          most={60}
          onChange={(side, n) => setValue(`minutes.${side}`, n)}
        />
      )}
      {counted > 0 && (
        <Counts
          label={t('practice.goodOf', { count: counted })}
          value={good}
          most={counted}
          onChange={(side, n) => setValue(`good.${side}`, n)}
        />
      )}
      <WhatStops chosen={stopSigns} onFlip={flip} />
      <TextArea
        aria-label={t('practice.question')}
        placeholder={t('practice.question')}
        maxLength={600}
        rows={2}
        paddingY="2"
        {...register('question')}
      />
      <Button
        look="key"
        width="full"
        marginY="2"
        aria-pressed={secondBest}
        onClick={() => setValue('secondBest', !secondBest)}
      >
        {t('practice.secondBest')}
      </Button>
      {/* none of the three is asked for more than the others */}
      <Grid role="group" aria-label={t('practice.how')} templateColumns="repeat(3, minmax(0, 1fr))" gap="2">
        {FEELS.map((feel) => (
          <Button
            key={feel}
            look="act"
            minHeight="80px"
            paddingX="2"
            fontSize="lg"
            lineHeight="1.15"
            onClick={() => void keep(feel)}
          >
            {t(`feel.${feel}`)}
          </Button>
        ))}
      </Grid>
      <Button width="full" marginTop="2" onClick={() => onDone(false)}>
        {t('practice.dontReport')}
      </Button>
    </Box>
  )
}

interface WhatStopsProps {
  chosen: NewPractice['stopSigns']
  onFlip: (sign: (typeof STOP_SIGNS)[number]) => void
}

/** Signs that end a practice; one is enough to pause it. */
function WhatStops({ chosen, onFlip }: WhatStopsProps) {
  const { t } = useText()
  return (
    <Box marginBottom="3">
      <Quiet marginBottom="1">{t('practice.stopped')}</Quiet>
      <Grid templateColumns="1fr 1fr" gap="1.5" role="group" aria-label={t('practice.stopped')}>
        {STOP_SIGNS.map((sign) => (
          <Button
            key={sign}
            look="key"
            paddingX="2"
            aria-pressed={chosen.includes(sign)}
            onClick={() => onFlip(sign)}
          >
            {t(`stopSign.${sign}`)}
          </Button>
        ))}
      </Grid>
      {chosen.length > 0 && (
        <chakra.p role="alert" marginTop="2" fontWeight="650" color="warn">
          {t('practice.stopSays')}
        </chakra.p>
      )}
    </Box>
  )
}

interface CountsProps {
  label: string
  value: Record<OneSide, number>
  most: number
  onChange: (side: OneSide, n: number) => void
}

function Counts({ label, value, most, onChange }: CountsProps) {
  const { t } = useText()
  return (
    <Box marginBottom="3">
      <Quiet marginBottom="1">{label}</Quiet>
      <Grid templateColumns="1fr 1fr" gap="3">
        {(['LEFT', 'RIGHT'] as const).map((side) => (
          <Flex key={side} align="center" gap="1" role="group" aria-label={`${label}, ${t(`rein.${side}`)}`}>
            <SideLetter side={side} />
            <Button
              paddingX="2"
              aria-label={t('practice.less')}
              disabled={value[side] === 0}
              onClick={() => onChange(side, value[side] - 1)}
            >
              <Minus size={18} aria-hidden />
            </Button>
            <chakra.b flex="1" textAlign="center" fontSize="xl" fontVariantNumeric="tabular-nums">
              {value[side]}
            </chakra.b>
            <Button
              paddingX="2"
              aria-label={t('practice.moreOf')}
              disabled={value[side] >= most}
              onClick={() => onChange(side, value[side] + 1)}
            >
              <Plus size={18} aria-hidden />
            </Button>
          </Flex>
        ))}
      </Grid>
    </Box>
  )
}
