import { chakra, Flex, Grid } from '@chakra-ui/react'
import { Plus, X } from 'lucide-react'
import { useFieldArray, useForm } from 'react-hook-form'
import type { Intake, PairIntake } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import {
  Button,
  Card,
  CardTitle,
  Field,
  FieldLabel,
  Input,
  numberOrNull,
  Quiet,
  TextField,
  textOrNull,
} from '../ui'
import { SaveKey } from './SaveKey'
import { useIntake } from './useIntake'

const TEXTS = ['grounds', 'kit', 'otherTeachers', 'clashes'] as const

interface FormValues extends Omit<PairIntake, 'head'> {
  goal: string | null
  leastCm: number | null
  mostCm: number | null
}

/** The goal in the rider's words, and what is known of the two together. */
export function TogetherPart({ pair, intake }: { pair: string; intake: Intake }) {
  const { t } = useText()
  const readOnly = !useMe().actions.includes('EDIT_PAIR')
  const { head, ...together } = intake.together
  const { register, handleSubmit, formState, control } = useForm<FormValues>({
    defaultValues: {
      ...together,
      goal: intake.goal,
      leastCm: head?.leastCm ?? null,
      mostCm: head?.mostCm ?? null,
    },
  })
  const unwanted = useFieldArray({ control, name: 'unwanted' })
  const save = useIntake(pair)
  const submit = handleSubmit(({ goal, leastCm, mostCm, ...typed }) =>
    save.mutate({
      part: 'together',
      version: intake.togetherVersion,
      goal,
      together: {
        ...typed,
        head: heightOf(leastCm, mostCm),
        unwanted: typed.unwanted.flatMap(({ name, sign }) => gaitOf(name.trim(), textOrNull(sign))),
      },
    }),
  )
  return (
    <Card>
      <CardTitle>{t('intake.together')}</CardTitle>
      <chakra.form noValidate onSubmit={(e) => void submit(e)}>
        <Flex direction="column" gap="4" marginTop="3">
          <TextField
            label={t('intake.goal', { rider: intake.riderName })}
            maxLength={400}
            fontSize="lg"
            readOnly={readOnly}
            {...register('goal', { setValueAs: textOrNull })}
          />
          <Field
            label={t('intake.togetherSince')}
            type="date"
            readOnly={readOnly}
            {...register('togetherSince', { setValueAs: textOrNull })}
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
          <div>
            <Grid templateColumns="1fr 1fr" gap="3">
              {(['leastCm', 'mostCm'] as const).map((name) => (
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
            <Quiet marginTop="1">{t('intake.headHint')}</Quiet>
          </div>
          <div role="group" aria-label={t('intake.unwanted')}>
            <FieldLabel as="span">{t('intake.unwanted')}</FieldLabel>
            {unwanted.fields.map((field, i) => (
              <Flex key={field.id} gap="2" marginBottom="2">
                <Input
                  minWidth="0"
                  flex="2"
                  maxLength={60}
                  placeholder={t('intake.unwantedName')}
                  aria-label={t('intake.unwantedName')}
                  readOnly={readOnly}
                  {...register(`unwanted.${i}.name`)}
                />
                <Input
                  minWidth="0"
                  flex="3"
                  maxLength={200}
                  placeholder={t('intake.unwantedSign')}
                  aria-label={t('intake.unwantedSign')}
                  readOnly={readOnly}
                  {...register(`unwanted.${i}.sign`)}
                />
                {!readOnly && (
                  <Button aria-label={t('intake.remove')} onClick={() => unwanted.remove(i)}>
                    <X size={18} aria-hidden />
                  </Button>
                )}
              </Flex>
            ))}
            {!readOnly && unwanted.fields.length < 6 && (
              <Button onClick={() => unwanted.append({ name: '', sign: null })}>
                <Plus size={18} aria-hidden /> {t('intake.addUnwanted')}
              </Button>
            )}
          </div>
        </Flex>
        <SaveKey isDirty={formState.isDirty} isPending={save.isPending} error={save.error} />
      </chakra.form>
    </Card>
  )
}

/** One number alone is both: what was typed is kept. */
function heightOf(leastCm: number | null, mostCm: number | null): PairIntake['head'] {
  const least = leastCm ?? mostCm
  const most = mostCm ?? leastCm
  return least === null || most === null ? null : { leastCm: least, mostCm: most }
}

/** A sign without a name names the gait; a line in which nothing stands is none. */
function gaitOf(name: string, sign: string | null): PairIntake['unwanted'] {
  if (name !== '') return [{ name, sign }]
  return sign === null ? [] : [{ name: sign.slice(0, 60), sign: sign.length > 60 ? sign : null }]
}
