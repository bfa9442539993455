import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { useText } from '../text'
import { answerOf, api, Problem, queries } from '../api'
import { useEnter, Door } from '../session'
import { Button, Field, Trouble, Wait } from '../ui'

interface FormValues {
  signInName: string
  password: string
}

/** The way in for somebody invited. The token stands behind the #, which no server and no log sees. */
export default function JoinPage() {
  const { t } = useText()
  const enter = useEnter()
  const [token] = useState(() => window.location.hash.slice(1))
  const [trouble, setTrouble] = useState<unknown>(null)
  const { register, handleSubmit, formState, setError } = useForm<FormValues>()
  const invited = useQuery(queries.invited(token))
  const submit = handleSubmit(async (typed) => {
    try {
      setTrouble(null)
      const session = await answerOf(api.POST('/api/v1/join', { body: { token, ...typed } }))
      window.history.replaceState(null, '', '/')
      await enter(session)
    } catch (e) {
      setTrouble(e)
      if (e instanceof Problem) {
        for (const { path, code } of e.issues) {
          setError(path as keyof FormValues, {
            message: t(code === 'taken' ? 'join.taken' : 'setUp.issue.form'),
          })
        }
      }
    }
  })
  if (invited.isPending) return <Wait />
  if (invited.isError) {
    return (
      <Door title={t('join.gone')}>
        <Trouble cause={invited.error} />
      </Door>
    )
  }
  return (
    <Door
      title={t('join.title', { name: invited.data.name })}
      lead={t('join.lead', { yard: invited.data.yard })}
    >
      <chakra.form onSubmit={(e) => void submit(e)} noValidate>
        <Flex direction="column" gap="4">
          <Field
            label={t('setUp.signInName')}
            hint={t('setUp.signInHint')}
            autoComplete="username"
            autoCapitalize="none"
            issue={formState.errors.signInName?.message}
            {...register('signInName')}
          />
          <Field
            label={t('setUp.password')}
            hint={t('setUp.passwordHint')}
            type="password"
            autoComplete="new-password"
            issue={formState.errors.password?.message}
            {...register('password')}
          />
          {trouble !== null && <Trouble cause={trouble} />}
          <Button type="submit" look="act" disabled={formState.isSubmitting}>
            {t('join.go')}
          </Button>
        </Flex>
      </chakra.form>
    </Door>
  )
}
