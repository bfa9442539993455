import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { useText, wordIn } from '../text'
import { answerOf, api, Problem, BLANK_PAIR } from '../api'
import type { School, SetupRequest } from '../api'
import { Button, Field, SchoolField, Trouble } from '../ui'
import { Door } from './Door'
import { useEnter } from './session'

interface FormValues {
  token: string
  yardName: string
  timeZone: string
  coachName: string
  signInName: string
  password: string
  rider: string
  horse: string
  heightCm: string
  school: School
  goal: string
}

type FieldName = keyof FormValues

/** The first hour: one page, three groups. What the server cannot take is marked where it stands. */
export default function SetUpPage() {
  const { t, i18n } = useText()
  const enter = useEnter()
  const [trouble, setTrouble] = useState<unknown>(null)
  const { register, handleSubmit, formState, setError } = useForm<FormValues>({
    defaultValues: { timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone, school: 'CLASSICAL' },
  })
  const submit = handleSubmit(async (typed) => {
    try {
      setTrouble(null)
      await enter(await answerOf(api.POST('/api/v1/setup', { body: requestOf(typed) })))
    } catch (e) {
      setTrouble(e)
      if (e instanceof Problem) {
        for (const issue of e.issues) {
          const name = issue.path.replace(/^pair\./, '') as FieldName
          const key = `setUp.issue.${issue.code}`
          setError(name, {
            message: i18n.exists(key) ? wordIn(t, 'setUp.issue', issue.code) : t('setUp.issue.invalid'),
          })
        }
      }
    }
  })
  const line = (name: FieldName, label: string, more: { hint?: string; type?: string } = {}) => (
    <Field label={label} issue={formState.errors[name]?.message} {...more} {...register(name)} />
  )
  return (
    <Door title={t('setUp.title')} lead={t('setUp.lead')}>
      <chakra.form onSubmit={(e) => void submit(e)} noValidate>
        <Flex direction="column" gap="6">
          {line('token', t('setUp.token'), { hint: t('setUp.tokenHint') })}
          <Group title={t('setUp.yard')}>
            {line('yardName', t('setUp.yardName'))}
            {line('timeZone', t('setUp.timeZone'))}
          </Group>
          <Group title={t('setUp.coach')}>
            {line('coachName', t('setUp.coachName'))}
            {line('signInName', t('setUp.signInName'), { hint: t('setUp.signInHint') })}
            {line('password', t('setUp.password'), { hint: t('setUp.passwordHint'), type: 'password' })}
          </Group>
          <Group title={t('setUp.pair')}>
            {line('rider', t('setUp.rider'))}
            {line('horse', t('setUp.horse'))}
            {line('heightCm', t('setUp.height'), { type: 'number' })}
            <SchoolField {...register('school')} />
            <chakra.div gridColumn="1 / -1">{line('goal', t('setUp.goal'))}</chakra.div>
          </Group>
          {trouble !== null && <Trouble cause={trouble} />}
          <Button type="submit" look="act" disabled={formState.isSubmitting}>
            {t('setUp.go')}
          </Button>
        </Flex>
      </chakra.form>
    </Door>
  )
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <chakra.section>
      <chakra.h2 fontSize="xl" fontWeight="700" marginBottom="3">
        {title}
      </chakra.h2>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="4">
        {children}
      </Grid>
    </chakra.section>
  )
}

function requestOf(typed: FormValues): SetupRequest {
  const { rider, horse, heightCm, school, goal, ...rest } = typed
  return {
    ...rest,
    pair: {
      ...BLANK_PAIR,
      rider,
      horse,
      school,
      heightCm: heightCm === '' ? null : Number(heightCm),
      goal: goal === '' ? null : goal,
    },
  }
}
