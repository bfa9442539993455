import { chakra, Flex, Grid } from '@chakra-ui/react'
import { Plus, X } from 'lucide-react'
import { useFieldArray, useForm } from 'react-hook-form'
import type { HorseIntake, Intake } from '../api'
import { useMe } from '../session'
import { today, useText } from '../text'
import {
  Button,
  Card,
  CardTitle,
  Field,
  FieldLabel,
  Input,
  numberOrNull,
  TextArea,
  TextField,
  textOrNull,
} from '../ui'
import { SaveKey } from './SaveKey'
import { useIntake } from './useIntake'

const TEXTS = ['formerUse', 'temperament', 'fears', 'sightAndHearing', 'history', 'timeOff'] as const
const NUMBERS = ['trainedYears', 'turnoutDays', 'turnoutHours'] as const

/** What is known of the horse, whoever rides it. */
export function HorsePart({ pair, intake }: { pair: string; intake: Intake }) {
  const { t } = useText()
  const { actions, timeZone } = useMe()
  const { register, handleSubmit, formState, control } = useForm<HorseIntake>({ defaultValues: intake.horse })
  const notes = useFieldArray({ control, name: 'soundness' })
  const save = useIntake(pair)
  const readOnly = !actions.includes('EDIT_PAIR')
  const submit = handleSubmit((horse) =>
    save.mutate({
      part: 'horse',
      version: intake.horseVersion,
      horse: {
        ...horse,
        // a note without a day is of today
        soundness: horse.soundness
          .filter((s) => s.note.trim() !== '')
          .map((s) => ({ ...s, on: s.on || today(timeZone) })),
      },
    }),
  )
  return (
    <Card>
      <CardTitle>{intake.horseName}</CardTitle>
      <chakra.form noValidate onSubmit={(e) => void submit(e)}>
        <Flex direction="column" gap="4" marginTop="3">
          <Grid templateColumns={{ base: '1fr 1fr', md: '2fr 1fr' }} gap="3">
            <Field
              label={t('intake.breed')}
              maxLength={80}
              readOnly={readOnly}
              {...register('breed', { setValueAs: textOrNull })}
            />
            <Field
              label={t('intake.teethOn')}
              type="date"
              readOnly={readOnly}
              {...register('teethOn', { setValueAs: textOrNull })}
            />
          </Grid>
          <Grid templateColumns="repeat(3, minmax(0, 1fr))" gap="3" alignItems="end">
            {NUMBERS.map((name) => (
              <Field
                key={name}
                label={t(`intake.${name}`)}
                type="number"
                inputMode="numeric"
                readOnly={readOnly}
                {...register(name, { setValueAs: numberOrNull })}
              />
            ))}
          </Grid>
          <Field
            label={t('intake.ownGait')}
            maxLength={60}
            readOnly={readOnly}
            {...register('ownGait', { setValueAs: textOrNull })}
          />
          {TEXTS.map((name) => (
            <TextField
              key={name}
              label={t(`intake.${name}`)}
              maxLength={400}
              readOnly={readOnly}
              {...register(name, { setValueAs: textOrNull })}
            />
          ))}
          <div role="group" aria-label={t('intake.soundness')}>
            <FieldLabel as="span">{t('intake.soundness')}</FieldLabel>
            {notes.fields.map((field, i) => (
              <Grid key={field.id} gap="2" marginBottom="3" templateColumns="minmax(0, 1fr) auto">
                <Input
                  type="date"
                  width="11rem"
                  aria-label={t('intake.soundnessOn')}
                  readOnly={readOnly}
                  {...register(`soundness.${i}.on`)}
                />
                {!readOnly && (
                  <Button aria-label={t('intake.remove')} onClick={() => notes.remove(i)}>
                    <X size={18} aria-hidden />
                  </Button>
                )}
                <TextArea
                  gridColumn="1 / -1"
                  rows={1}
                  minHeight="touch"
                  resize="none"
                  css={{ fieldSizing: 'content' }}
                  maxLength={400}
                  aria-label={t('intake.soundnessNote')}
                  readOnly={readOnly}
                  {...register(`soundness.${i}.note`)}
                />
              </Grid>
            ))}
            {!readOnly && notes.fields.length < 40 && (
              <Button onClick={() => notes.prepend({ on: today(timeZone), note: '' })}>
                <Plus size={18} aria-hidden /> {t('intake.addSoundness')}
              </Button>
            )}
          </div>
        </Flex>
        <SaveKey isDirty={formState.isDirty} isPending={save.isPending} error={save.error} />
      </chakra.form>
    </Card>
  )
}
