import { Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { ContactOfLesson, Lesson } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Card, CardTitle, Field, Quiet, Trouble } from '../ui'
import { useContact } from './useContact'

const MOST_KG = 300

const numberOf = (typed: string) => (typed.trim() === '' ? NaN : Number(typed.replace(',', '.')))

interface BandFormProps {
  lesson: Lesson
  band: ContactOfLesson['band']
}

/** What these two aim at in each rein: there is no figure that is right for all. */
export function BandForm({ lesson, band }: BandFormProps) {
  const { t } = useText()
  const readOnly = !useMe().actions.includes('EDIT_PAIR')
  const { aim } = useContact(lesson.id)
  const [low, setLow] = useState(band ? String(band.lowKg) : '')
  const [high, setHigh] = useState(band ? String(band.highKg) : '')
  const lowKg = numberOf(low)
  const highKg = numberOf(high)
  const isBand = lowKg >= 0 && highKg > lowKg && highKg <= MOST_KG
  const isChanged = lowKg !== band?.lowKg || highKg !== band.highKg
  const isUpsideDown = highKg <= lowKg
  return (
    <Card flex="1" width="full">
      <CardTitle>{t('measured.band')}</CardTitle>
      <Quiet>{t('measured.bandHint', { horse: lesson.horse })}</Quiet>
      <Flex gap="3" marginY="3" align="start">
        <Field
          label={t('measured.lowKg')}
          inputMode="decimal"
          autoComplete="off"
          value={low}
          readOnly={readOnly}
          onChange={(e) => setLow(e.target.value)}
        />
        <Field
          label={t('measured.highKg')}
          inputMode="decimal"
          autoComplete="off"
          value={high}
          readOnly={readOnly}
          issue={isUpsideDown ? t('measured.upsideDown') : undefined}
          onChange={(e) => setHigh(e.target.value)}
        />
      </Flex>
      {aim.isError && <Trouble cause={aim.error} />}
      {!readOnly && (
        <Button
          disabled={!isBand || !isChanged || aim.isPending}
          onClick={() => aim.mutate({ pair: lesson.pair, version: band?.version ?? 0, lowKg, highKg })}
        >
          {t('measured.saveBand')}
        </Button>
      )}
    </Card>
  )
}
