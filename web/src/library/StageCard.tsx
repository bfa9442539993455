import { chakra, Flex, Grid } from '@chakra-ui/react'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import { useId } from 'react'
import type { ReactNode } from 'react'
import { useText, wordIn } from '../text'
import { Button, Card, Field, FieldLabel, Select } from '../ui'
import { GAITS, PLACES, UNITS, withAmount, withPlace, withUnit } from './ownForm'
import type { Stage } from './stages'

interface StageCardProps {
  stage: Stage
  number: number
  isLast: boolean
  isTried: boolean
  onChange: (stage: Stage) => void
  onMove: (by: -1 | 1) => void
  onRemove?: (() => void) | undefined
}

/** One stage in two lines; one that is there already is only named, and changed on its own page. */
export function StageCard({ stage, number, isLast, isTried, onChange, onMove, onRemove }: StageCardProps) {
  const { t } = useText()
  return (
    <Card as="li">
      <Grid
        templateColumns={{ base: '1fr auto', md: 'auto minmax(0, 1fr) auto' }}
        templateAreas={{ base: '"number keys" "what what"', md: '"number what keys"' }}
        gap="3"
        alignItems="start"
      >
        <chakra.span gridArea="number" fontFamily="heading" fontSize="2xl" fontWeight="740" minWidth="1.4em">
          {number}
        </chakra.span>
        <chakra.div gridArea="what" minWidth="0">
          {stage.isNew ? (
            <StageFields stage={stage} isTried={isTried} onChange={onChange} />
          ) : (
            <chakra.p fontSize="lg" fontWeight="700" paddingTop="1">
              {stage.form.name}
            </chakra.p>
          )}
        </chakra.div>
        <Flex gridArea="keys">
          <Button
            look="bare"
            aria-label={t('programme.up', { number })}
            disabled={number === 1}
            onClick={() => onMove(-1)}
          >
            <ArrowUp size={20} aria-hidden />
          </Button>
          <Button
            look="bare"
            aria-label={t('programme.down', { number })}
            disabled={isLast}
            onClick={() => onMove(1)}
          >
            <ArrowDown size={20} aria-hidden />
          </Button>
          <Button
            look="bare"
            aria-label={t('programme.remove', { number })}
            disabled={!onRemove}
            onClick={onRemove}
          >
            <Trash2 size={20} aria-hidden />
          </Button>
        </Flex>
      </Grid>
    </Card>
  )
}

function StageFields({ stage, isTried, onChange }: Pick<StageCardProps, 'stage' | 'isTried' | 'onChange'>) {
  const { t } = useText()
  const { form } = stage
  const set = (next: Stage['form']) => onChange({ ...stage, form: next })
  const gate = form.gate ?? { easyRunning: 2, minDays: 7 }
  const [step] = form.steps
  const place = step?.place ?? 'RAIL'
  return (
    <Flex direction="column" gap="3">
      <Grid templateColumns={{ base: '1fr', lg: '2fr 3fr' }} gap="3">
        <Field
          label={t('own.name')}
          value={form.name}
          maxLength={60}
          onChange={(e) => set({ ...form, name: e.target.value })}
          {...(isTried && form.name.trim() === '' && { issue: t('own.missing.name') })}
        />
        <Field
          label={t('own.feel')}
          value={form.feel}
          maxLength={200}
          onChange={(e) => set({ ...form, feel: e.target.value })}
          {...(isTried && form.feel.trim() === '' && { issue: t('own.missing.feel') })}
        />
      </Grid>
      <Grid templateColumns={{ base: '1fr 1fr', lg: '3fr 4fr 2fr 3fr 3fr' }} gap="3">
        <Labelled name={t('library.gait')}>
          {(id) => (
            <Select
              id={id}
              value={step?.gait}
              onChange={(e) => set({ ...form, steps: [{ gait: e.target.value, place }] })}
            >
              {GAITS.map((g) => (
                <option key={g} value={g}>
                  {wordIn(t, 'gait', g)}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
        <Labelled name={t('own.place')}>
          {(id) => (
            <Select id={id} value={place} onChange={(e) => set(withPlace(form, e.target.value))}>
              {PLACES.map((p) => (
                <option key={p} value={p}>
                  {wordIn(t, 'place', p)}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
        <Field
          label={t('own.amountShort')}
          type="number"
          min={1}
          max={60}
          value={form.dose.most}
          onChange={(e) => e.target.value !== '' && set(withAmount(form, Number(e.target.value)))}
        />
        <Labelled name={t('own.unit')}>
          {(id) => (
            <Select
              id={id}
              value={form.dose.unit}
              onChange={(e) => set(withUnit(form, UNITS.find((u) => u === e.target.value) ?? 'MINUTES'))}
            >
              {UNITS.map((u) => (
                <option key={u} value={u}>
                  {t(`own.units.${u}`)}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
        <Field
          label={t('programme.days')}
          type="number"
          min={0}
          max={90}
          value={gate.minDays}
          onChange={(e) =>
            set({ ...form, gate: { ...gate, minDays: Math.max(0, Math.min(90, Number(e.target.value))) } })
          }
        />
      </Grid>
    </Flex>
  )
}

function Labelled({ name, children }: { name: string; children: (id: string) => ReactNode }) {
  const id = useId()
  return (
    <chakra.div>
      <FieldLabel htmlFor={id}>{name}</FieldLabel>
      {children(id)}
    </chakra.div>
  )
}
