import { chakra, Grid } from '@chakra-ui/react'
import { useText } from '../text'
import { FieldLabel, Quiet, Select } from '../ui'
import { TIME_FORMS, UNITS } from './dialect'
import type { Dialect, Guess } from './dialect'

const RATES_HZ = [5, 10, 20, 25, 40, 50, 60, 75, 100, 120, 125, 200, 250]

interface DialectFormProps {
  guess: Guess
  onRead: (dialect: Dialect) => void
}

/** What the table was taken for and why; each of it can be put right, and it is read again. */
export function DialectForm({ guess: { dialect, columns, reasons }, onRead }: DialectFormProps) {
  const { t } = useText()
  const change = (part: Partial<Dialect>) => onRead({ ...dialect, ...part })
  const column = (name: 'time' | 'left' | 'right') => (
    <FieldLabel>
      {t(`measured.column.${name}`)}
      <Select
        value={dialect[name] ?? ''}
        onChange={(e) => {
          const to = e.target.value === '' ? null : Number(e.target.value)
          change(name === 'time' && to === null ? { time: null, timeForm: 'NONE' } : { [name]: to })
        }}
      >
        <option value="">{t('measured.column.none')}</option>
        {columns.map((heading, i) => (
          <option key={i} value={i}>
            {t('measured.column.nth', { place: i + 1, heading })}
          </option>
        ))}
      </Select>
    </FieldLabel>
  )
  const isCounted = dialect.timeForm === 'SAMPLE' || dialect.timeForm === 'NONE'
  return (
    <chakra.fieldset>
      <chakra.legend fontWeight="650">{t('measured.takenFor')}</chakra.legend>
      <chakra.ul listStyleType="none">
        {reasons.map((reason) => (
          <Quiet as="li" key={reason}>
            {t(`measured.reason.${reason}`)}
          </Quiet>
        ))}
      </chakra.ul>
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }} gap="3" marginTop="2">
        {column('left')}
        {column('right')}
        {column('time')}
        <FieldLabel>
          {t('measured.unit')}
          <Select value={dialect.unit} onChange={(e) => change({ unit: e.target.value as Dialect['unit'] })}>
            {UNITS.map((unit) => (
              <option key={unit} value={unit}>
                {t(`measured.units.${unit}`)}
              </option>
            ))}
          </Select>
        </FieldLabel>
        <FieldLabel>
          {t('measured.timeForm')}
          <Select
            value={dialect.timeForm}
            onChange={(e) => change({ timeForm: e.target.value as Dialect['timeForm'] })}
          >
            {TIME_FORMS.map((form) => (
              <option key={form} value={form}>
                {t(`measured.timeForms.${form}`)}
              </option>
            ))}
          </Select>
        </FieldLabel>
        {isCounted && (
          <FieldLabel>
            {t('measured.rate')}
            <Select
              value={dialect.rateHz ?? ''}
              onChange={(e) => change({ rateHz: e.target.value === '' ? null : Number(e.target.value) })}
            >
              <option value="">{t('measured.rateUnknown')}</option>
              {RATES_HZ.map((rate) => (
                <option key={rate} value={rate}>
                  {t('measured.rateOf', { rate })}
                </option>
              ))}
            </Select>
          </FieldLabel>
        )}
      </Grid>
    </chakra.fieldset>
  )
}
