import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { PairView } from '../api'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import { Button, Card, CardTitle, Select, Trouble } from '../ui'

type Subject = 'voice' | 'pictures'

/** What of a minor's lessons may be kept, by the guardian's word; nothing where the rider is grown up. */
export function ConsentCard({ pair, subject }: { pair: PairView; subject: Subject }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const client = useQueryClient()
  const query = subject === 'voice' ? queries.voiceConsent(pair.id) : queries.pictureConsent(pair.id)
  const consent = useQuery(query)
  const [chosen, setChosen] = useState<string>()
  const say = useMutation({
    mutationFn: (said: { given: boolean; saidBy: string }) =>
      answerOf(
        api.POST(`/api/v1/pairs/{id}/${subject === 'voice' ? 'voice' : 'picture'}-consent`, {
          params: { path: { id: pair.id } },
          body: { id: v7(), ...said },
        }),
      ),
    onSuccess: (next) => client.setQueryData<typeof next>(query.queryKey, next),
  })
  if (!consent.data || consent.data.guardians.length === 0) return null
  const { guardians, latest } = consent.data
  const saidBy = chosen ?? guardians[0] ?? ''
  const word = latest === null ? 'none' : latest.given ? 'given' : 'taken'
  return (
    <Card>
      <CardTitle>{t(`consent.${subject}.title`)}</CardTitle>
      <chakra.p marginBottom="3">
        {t(`consent.${subject}.${word}`, {
          rider: pair.rider,
          by: latest?.saidBy,
          date: latest && dayShort(latest.at, timeZone),
        })}
      </chakra.p>
      <Flex gap="2" wrap="wrap" align="end">
        <chakra.label>
          <chakra.span display="block" fontWeight="650" marginBottom="1">
            {t('consent.who')}
          </chakra.span>
          <Select value={saidBy} onChange={(e) => setChosen(e.target.value)}>
            {guardians.map((name) => (
              <option key={name}>{name}</option>
            ))}
          </Select>
        </chakra.label>
        {latest?.given === true ? (
          <Button disabled={say.isPending} onClick={() => say.mutate({ given: false, saidBy })}>
            {t(`consent.${subject}.take`)}
          </Button>
        ) : (
          <Button disabled={say.isPending} onClick={() => say.mutate({ given: true, saidBy })}>
            {t('consent.give')}
          </Button>
        )}
      </Flex>
      {say.isError && <Trouble cause={say.error} />}
    </Card>
  )
}
