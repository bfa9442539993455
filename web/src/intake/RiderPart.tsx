import { chakra, Flex } from '@chakra-ui/react'
import { useForm } from 'react-hook-form'
import type { Intake, RiderIntake } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Card, CardTitle, Field, numberOrNull, TextField, textOrNull } from '../ui'
import { SaveKey } from './SaveKey'
import { useIntake } from './useIntake'

/** What is known of the rider, whatever they ride. */
export function RiderPart({ pair, intake }: { pair: string; intake: Intake }) {
  const { t } = useText()
  const readOnly = !useMe().actions.includes('EDIT_PAIR')
  const { register, handleSubmit, formState } = useForm<RiderIntake>({ defaultValues: intake.rider })
  const save = useIntake(pair)
  const submit = handleSubmit((rider) => save.mutate({ part: 'rider', version: intake.riderVersion, rider }))
  return (
    <Card>
      <CardTitle>{intake.riderName}</CardTitle>
      <chakra.form noValidate onSubmit={(e) => void submit(e)}>
        <Flex direction="column" gap="4" marginTop="3">
          {(['experience', 'worries'] as const).map((name) => (
            <TextField
              key={name}
              label={t(`intake.${name}`)}
              maxLength={400}
              readOnly={readOnly}
              {...register(name, { setValueAs: textOrNull })}
            />
          ))}
          <Field
            label={t('intake.ridesDays')}
            type="number"
            inputMode="numeric"
            readOnly={readOnly}
            {...register('ridesDays', { setValueAs: numberOrNull })}
          />
        </Flex>
        <SaveKey isDirty={formState.isDirty} isPending={save.isPending} error={save.error} />
      </chakra.form>
    </Card>
  )
}
