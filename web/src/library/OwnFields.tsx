import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { Minus, Plus } from 'lucide-react'
import { useId } from 'react'
import type { OwnForm } from '../api'
import { Chips } from '../capture'
import { useText, wordIn } from '../text'
import { Button, Field, FieldLabel, Input, Quiet, TextArea, WhyBox } from '../ui'
import { GAITS, missingIn, PLACES, UNITS, withAmount, withGait, withPlace, withUnit } from './ownForm'
import { NeedsField } from './NeedsField'
import { StopSigns } from './StopSigns'

interface OwnFieldsProps {
  form: OwnForm
  onChange: (form: OwnForm) => void
  /** Asked for already: what is missing is said. */
  isTried: boolean
}

const REINS = ['INSIDE', 'NEITHER'] as const
const EASY = [1, 2, 3, 4] as const
const DAYS = [0, 3, 5, 7, 14] as const
const PEOPLE = ['NOBODY', 'SECOND_PERSON', 'ASSISTANT', 'COACH'] as const
const TEXTS = ['goesWrong', 'secondBest'] as const

/** What makes an exercise in a minute: most of it is one touch, and only its name and its feel must be typed. */
export function OwnFields({ form, onChange, isTried }: OwnFieldsProps) {
  const { t } = useText()
  const missing = isTried ? missingIn(form) : []
  const issue = (field: 'name' | 'feel') =>
    missing.includes(field) ? { issue: t(`own.missing.${field}`) } : {}
  return (
    <Flex direction="column" gap="5">
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap={{ base: '4', lg: '8' }} alignItems="start">
        <Field
          label={t('own.name')}
          value={form.name}
          maxLength={60}
          fontSize="xl"
          autoFocus
          onChange={(e) => onChange({ ...form, name: e.target.value })}
          {...issue('name')}
        />
        <Field
          label={t('own.feel')}
          value={form.feel}
          maxLength={200}
          hint={t('own.feelHint')}
          onChange={(e) => onChange({ ...form, feel: e.target.value })}
          {...issue('feel')}
        />
      </Grid>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap={{ base: '5', lg: '8' }} alignItems="start">
        <Flex direction="column" gap="4">
          <Gaits form={form} onChange={onChange} />
          <Chips
            name={t('own.place')}
            words={PLACES}
            columns={3}
            now={PLACES.find((p) => p === form.steps[0]?.place)}
            text={(p) => wordIn(t, 'place', p)}
            isNeeded
            onChoose={(p) => p && onChange(withPlace(form, p))}
          />
          <Amount form={form} onChange={onChange} />
        </Flex>
        <Flex direction="column" gap="4">
          <StopSigns form={form} onChange={onChange} isMissing={missing.includes('stopIf')} />
          <GateKeys form={form} onChange={onChange} />
        </Flex>
      </Grid>
      <MoreFields form={form} onChange={onChange} />
    </Flex>
  )
}

type PartProps = Omit<OwnFieldsProps, 'isTried'>

/** One or more: each is a step, the slower first. */
function Gaits({ form, onChange }: PartProps) {
  const { t } = useText()
  const ridden = form.steps.map((s) => s.gait)
  return (
    <div role="group" aria-label={t('own.gaits')}>
      <chakra.div fontWeight="650" marginBottom="1.5">
        {t('own.gaits')}
      </chakra.div>
      <Grid gap="1.5" templateColumns="repeat(4, minmax(0, 1fr))">
        {GAITS.map((gait) => (
          <Button
            key={gait}
            look="key"
            minHeight="52px"
            paddingX="1"
            aria-pressed={ridden.includes(gait)}
            onClick={() => onChange(withGait(form, gait))}
          >
            {wordIn(t, 'gait', gait)}
          </Button>
        ))}
      </Grid>
    </div>
  )
}

function Amount({ form, onChange }: PartProps) {
  const { t } = useText()
  const id = useId()
  const { most, unit } = form.dose
  return (
    <Box>
      <FieldLabel htmlFor={id}>{t(form.works === 'NEITHER' ? 'own.amountOnce' : 'own.amount')}</FieldLabel>
      <Flex gap="1.5" align="center" marginBottom="1.5">
        <Button aria-label={t('own.less')} onClick={() => onChange(withAmount(form, most - 1))}>
          <Minus size={20} aria-hidden />
        </Button>
        <Input
          id={id}
          type="number"
          inputMode="numeric"
          min={1}
          max={60}
          width="5.5rem"
          textAlign="center"
          value={most}
          onChange={(e) => e.target.value !== '' && onChange(withAmount(form, Number(e.target.value)))}
        />
        <Button aria-label={t('own.more')} onClick={() => onChange(withAmount(form, most + 1))}>
          <Plus size={20} aria-hidden />
        </Button>
      </Flex>
      <Grid gap="1.5" templateColumns="repeat(3, minmax(0, 1fr))" role="group" aria-label={t('own.unit')}>
        {UNITS.map((u) => (
          <Button
            key={u}
            look="key"
            paddingX="1"
            aria-pressed={u === unit}
            onClick={() => onChange(withUnit(form, u))}
          >
            {t(`own.units.${u}`)}
          </Button>
        ))}
      </Grid>
      {form.from === null && (
        <Box marginTop="4">
          <Chips
            name={t('own.reins')}
            words={REINS}
            now={REINS.find((r) => r === form.works)}
            text={(r) => t(`own.rein.${r}`)}
            isNeeded
            onChoose={(works) => works && onChange({ ...form, works })}
          />
        </Box>
      )}
    </Box>
  )
}

function GateKeys({ form, onChange }: PartProps) {
  const { t } = useText()
  const gate = form.gate ?? { easyRunning: 2, minDays: 5 }
  const days = DAYS.find((d) => d === gate.minDays)
  return (
    <Flex direction="column" gap="3">
      <Chips
        name={t('own.easy')}
        words={EASY}
        now={EASY.find((n) => n === gate.easyRunning)}
        text={(n) => n}
        isNeeded
        onChoose={(easyRunning) => easyRunning && onChange({ ...form, gate: { ...gate, easyRunning } })}
      />
      <Chips
        name={t('own.minDays')}
        words={DAYS}
        now={days}
        text={(n) => n}
        isNeeded
        onChoose={(minDays) => minDays !== undefined && onChange({ ...form, gate: { ...gate, minDays } })}
      />
    </Flex>
  )
}

/** What need not be said. */
function MoreFields({ form, onChange }: PartProps) {
  const { t } = useText()
  const id = useId()
  return (
    <WhyBox>
      <summary>{t('own.rest')}</summary>
      <Flex direction="column" gap="4" paddingTop="3">
        <Box>
          <FieldLabel htmlFor={id}>{t('own.instruction')}</FieldLabel>
          <TextArea
            id={id}
            rows={3}
            paddingY="2"
            maxLength={600}
            value={form.instruction}
            onChange={(e) => onChange({ ...form, instruction: e.target.value })}
          />
          <Quiet>{t('own.instructionHint')}</Quiet>
        </Box>
        {TEXTS.map((field) => (
          <Field
            key={field}
            label={t(`own.${field}`)}
            value={form[field]}
            maxLength={200}
            onChange={(e) => onChange({ ...form, [field]: e.target.value })}
          />
        ))}
        <NeedsField form={form} onChange={onChange} />
        <Field
          label={t('own.cautions')}
          value={form.cautions[0] ?? ''}
          maxLength={200}
          onChange={(e) => onChange({ ...form, cautions: e.target.value.trim() ? [e.target.value] : [] })}
        />
        <Field
          label={t('own.shortName')}
          value={form.shortName ?? ''}
          maxLength={18}
          onChange={(e) => onChange({ ...form, shortName: e.target.value || null })}
        />
        <Chips
          name={t('library.people')}
          words={PEOPLE}
          columns={2}
          now={form.people}
          text={(p) => t(`whoIsThere.${p}`)}
          isNeeded
          onChoose={(people) => people && onChange({ ...form, people })}
        />
        <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="touch">
          <input
            type="checkbox"
            checked={form.isHard}
            onChange={(e) => onChange({ ...form, isHard: e.target.checked })}
          />
          {t('own.hard')}
        </chakra.label>
      </Flex>
    </WhyBox>
  )
}
