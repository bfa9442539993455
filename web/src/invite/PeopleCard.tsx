import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { answerOf, api, queries } from '../api'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import { Button, Input, Card, CardTitle, Quiet, Trouble } from '../ui'

/** Who has to do with a pair, and a way in for those who have none yet. */
export function PeopleCard({ pair }: { pair: string }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const client = useQueryClient()
  const path = { params: { path: { id: pair } } }
  const people = useQuery(queries.people(pair))
  const { register, handleSubmit, reset } = useForm({ defaultValues: { guardian: '' } })
  const add = useMutation({
    mutationFn: (name: string) =>
      answerOf(api.POST('/api/v1/pairs/{id}/guardians', { ...path, body: { name } })),
    onSuccess: (next) => {
      reset()
      client.setQueryData(queries.people(pair).queryKey, next)
      // whoever has a guardian is a minor
      void client.invalidateQueries({ queryKey: ['consent', pair] })
    },
  })
  const invite = useMutation({
    mutationFn: (person: string) =>
      answerOf(api.POST('/api/v1/pairs/{id}/invitations', { ...path, body: { person } })),
  })
  const submit = handleSubmit(({ guardian }) => {
    if (guardian.trim() !== '') add.mutate(guardian.trim())
  })
  return (
    <Card>
      <CardTitle>{t('people.title')}</CardTitle>
      {people.data?.people.map((p) => (
        <Flex key={p.id} align="center" gap="3" minHeight="touch" wrap="wrap">
          <chakra.b>{p.name}</chakra.b>
          <chakra.span color="quiet">{t(`role.${p.role}`)}</chakra.span>
          <chakra.span marginLeft="auto">
            {p.canSignIn ? (
              <Quiet as="span">{t('people.canSignIn')}</Quiet>
            ) : (
              <Button onClick={() => invite.mutate(p.id)}>{t('people.invite')}</Button>
            )}
          </chakra.span>
        </Flex>
      ))}
      {invite.data && (
        <Box marginTop="2" padding="3" background="sunken" borderRadius="key">
          <Quiet>{t('people.link', { date: dayShort(invite.data.expiresAt, timeZone) })}</Quiet>
          <Input
            readOnly
            aria-label={t('people.linkLabel')}
            value={`${window.location.origin}/join#${invite.data.token}`}
            onFocus={(e) => e.target.select()}
          />
        </Box>
      )}
      <chakra.form display="flex" gap="2" marginTop="3" onSubmit={(e) => void submit(e)}>
        <Input
          aria-label={t('people.guardian')}
          placeholder={t('people.guardian')}
          maxLength={80}
          {...register('guardian')}
        />
        <Button type="submit" flexShrink={0}>
          {t('pairs.goAdd')}
        </Button>
      </chakra.form>
      {(add.isError || invite.isError) && <Trouble cause={add.error ?? invite.error} />}
    </Card>
  )
}
