import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Stethoscope, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { useParams } from 'react-router'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { PainCount, PainCounts } from '../api'
import { useMe } from '../session'
import { timeAndDay, useText } from '../text'
import { Back, Button, Card, CardTitle, Quiet, Trouble, Wait, WarnBox, WhyBox } from '../ui'

/** The moment: at the rail, somebody else rides for ten minutes. One question at a time, two keys, eyes on the horse. */
export default function CountPage() {
  const { id = '' } = useParams()
  const counts = useQuery(queries.painCounts(id))
  if (counts.isPending) return <Wait />
  if (counts.isError) return <Trouble cause={counts.error} onAgain={() => void counts.refetch()} />
  return <Counting pair={id} of={counts.data} />
}

function Counting({ pair, of }: { pair: string; of: PainCounts }) {
  const { t } = useText()
  const { actions } = useMe()
  const client = useQueryClient()
  const [answers, setAnswers] = useState<boolean[]>()
  const keep = useMutation({
    mutationFn: (seen: string[]) =>
      answerOf(
        api.POST('/api/v1/pairs/{id}/pain-counts', {
          params: { path: { id: pair } },
          body: { id: v7(), seen },
        }),
      ),
    onSuccess: async (next) => {
      client.setQueryData(queries.painCounts(pair).queryKey, next)
      setAnswers(undefined)
      await client.invalidateQueries(allOf('known'))
    },
  })
  const question = answers && of.questions[answers.length]
  return (
    <Flex direction="column" gap="5" maxWidth="44rem">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('pain.title', { horse: of.horse })}
        </chakra.h1>
        <Back to={`/pairs/${pair}`}>{t('pain.back', { horse: of.horse })}</Back>
      </Box>
      {answers === undefined && (
        <>
          <p>{t('pain.lead', { count: of.questions.length, from: of.vetFrom })}</p>
          {actions.includes('RECORD') && (
            <Button look="live" minHeight="72px" fontSize="xl" onClick={() => setAnswers([])}>
              {t('pain.begin')}
            </Button>
          )}
          <Earlier of={of} />
          <Quiet>{t('pain.source')}</Quiet>
        </>
      )}
      {question && (
        <Card>
          <Quiet>
            {t('pain.at', { n: answers.length + 1, count: of.questions.length })}
            {' · '}
            {t(`pain.region.${question.region}`)}
          </Quiet>
          <chakra.p fontSize="2xl" fontWeight="650" minHeight="7.5rem" marginTop="2" aria-live="polite">
            {question.asks}
          </chakra.p>
          <Flex gap="3">
            {[false, true].map((seen) => (
              <Button
                key={String(seen)}
                look="key"
                flex="1"
                minHeight="96px"
                fontSize="xl"
                onClick={() => setAnswers([...answers, seen])}
              >
                {t(seen ? 'pain.yes' : 'pain.no')}
              </Button>
            ))}
          </Flex>
          <Flex gap="2" marginTop="3">
            <Button disabled={answers.length === 0} onClick={() => setAnswers(answers.slice(0, -1))}>
              <Undo2 size={18} aria-hidden /> {t('pain.undo')}
            </Button>
            <Button look="bare" onClick={() => setAnswers(undefined)}>
              {t('pain.leave')}
            </Button>
          </Flex>
        </Card>
      )}
      {answers && !question && (
        <Card>
          <CardTitle>
            {t('pain.result', { count: answers.filter(Boolean).length, of: of.questions.length })}
          </CardTitle>
          <Behaviours ids={of.questions.filter((_, i) => answers[i]).map((q) => q.id)} of={of} />
          {keep.isError && <Trouble cause={keep.error} />}
          <Flex gap="2" marginTop="4">
            <Button
              look="act"
              disabled={keep.isPending}
              onClick={() => keep.mutate(of.questions.filter((_, i) => answers[i]).map((q) => q.id))}
            >
              {t('pain.keep')}
            </Button>
            <Button onClick={() => setAnswers(answers.slice(0, -1))}>
              <Undo2 size={18} aria-hidden /> {t('pain.undo')}
            </Button>
          </Flex>
        </Card>
      )}
    </Flex>
  )
}

function Earlier({ of }: { of: PainCounts }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [last] = of.counts
  if (!last) return <Quiet>{t('pain.none')}</Quiet>
  return (
    <Card>
      <CardTitle>{t('pain.earlier')}</CardTitle>
      {last.isVetFirst && (
        <WarnBox icon={<Stethoscope size={22} aria-hidden />} marginY="3">
          <p>{t('pain.vetFirst', { count: last.count, of: of.questions.length })}</p>
        </WarnBox>
      )}
      <chakra.ul listStyleType="none">
        {of.counts.map((c) => (
          <chakra.li key={c.id} paddingY="2" borderTopWidth="1px" borderColor="line">
            <WhyBox>
              <summary>
                {t('pain.line', {
                  count: c.count,
                  of: of.questions.length,
                  when: timeAndDay(c.at, timeZone),
                  by: c.by,
                })}
              </summary>
              <Behaviours ids={c.seen} of={of} />
            </WhyBox>
          </chakra.li>
        ))}
      </chakra.ul>
      <Quiet marginTop="2">{t('pain.fewer')}</Quiet>
    </Card>
  )
}

function Behaviours({ ids, of }: { ids: PainCount['seen']; of: PainCounts }) {
  const { t } = useText()
  if (ids.length === 0) return <p>{t('pain.nothing')}</p>
  return (
    <chakra.ul paddingLeft="5">
      {of.questions
        .filter((q) => ids.includes(q.id))
        .map((q) => (
          <li key={q.id}>{q.asks}</li>
        ))}
    </chakra.ul>
  )
}
