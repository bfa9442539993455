import { Box, chakra, Flex } from '@chakra-ui/react'
import { zodResolver } from '@hookform/resolvers/zod'
import { useEffect, useState } from 'react'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { useText } from '../text'
import { answerOf, api } from '../api'
import { sweepAll } from '../store'
import { Button, Field, Trouble } from '../ui'
import { Door } from './Door'
import { whoLeft } from './leaving'
import { useEnter } from './session'

// the policy of the page forbids to make code at run time, which zod would try
z.config({ jitless: true })

const typed = z.object({ name: z.string().trim().min(1), password: z.string().min(1) })

/** The moment: in the yard, gloves just off. Two fields and one button. */
export default function SignInPage() {
  const { t } = useText()
  const enter = useEnter()
  const [trouble, setTrouble] = useState<unknown>(null)
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(typed),
    defaultValues: { name: '', password: '' },
  })
  const submit = handleSubmit(async (body) => {
    try {
      setTrouble(null)
      await enter(await answerOf(api.POST('/api/v1/session', { body })))
    } catch (e) {
      setTrouble(e)
    }
  })
  // nobody is signed in: nothing that has a name in it stays on this device, whoever was here
  useEffect(() => void sweepAll().catch(() => undefined), [])
  const missing = t('signIn.missing')
  const left = whoLeft()
  return (
    <Door title={t('signIn.title')}>
      <chakra.form onSubmit={(e) => void submit(e)} noValidate>
        <Flex direction="column" gap="4">
          {left && (
            <chakra.p role="status" fontWeight="650">
              {t('signIn.unsent', { count: left.unsent })}
            </chakra.p>
          )}
          <Field
            label={t('signIn.name')}
            autoComplete="username"
            autoCapitalize="none"
            issue={formState.errors.name && missing}
            {...register('name')}
          />
          <Field
            label={t('signIn.password')}
            type="password"
            autoComplete="current-password"
            issue={formState.errors.password && missing}
            {...register('password')}
          />
          {trouble !== null && <Trouble cause={trouble} />}
          <Box>
            <Button type="submit" look="act" width="full" disabled={formState.isSubmitting}>
              {t('signIn.go')}
            </Button>
          </Box>
        </Flex>
      </chakra.form>
    </Door>
  )
}
