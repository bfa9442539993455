import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Minus, Plus } from 'lucide-react'
import { useId, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { v7 } from 'uuid'
import { useText } from '../text'
import { answerOf, api, queries } from '../api'
import type { PairName } from '../api'
import { useMe } from '../session'
import { LESSON_MINUTES } from '../store'
import { Button, Select, Field, FieldLabel, Trouble } from '../ui'
import { instantOf } from './zoned'

interface FormValues {
  pair: string
  at: string
  minutes: number
}

/** One lesson for each pair; of more than one, a group. */
function addLessons(pairs: string[], plannedAt: string, minutes: number) {
  const [pair = '', ...others] = pairs
  return others.length === 0
    ? answerOf(api.POST('/api/v1/lessons', { body: { id: v7(), pair, plannedAt, minutes, isOnVideo: null } }))
    : answerOf(
        api.POST('/api/v1/groups', {
          body: {
            id: v7(),
            plannedAt,
            minutes,
            members: pairs.map((p) => ({ lesson: v7(), pair: p })),
          },
        }),
      )
}

/** Puts a lesson into the day. */
export function AddLesson({ date }: { date: string }) {
  const { t } = useText()
  const me = useMe()
  const client = useQueryClient()
  const id = useId()
  const pairs = useQuery(queries.names())
  const { control, register, handleSubmit } = useForm<FormValues>({
    defaultValues: { at: '18:00', minutes: LESSON_MINUTES },
  })
  const first = pairs.data?.pairs[0]?.id
  const chosen = useWatch({ control, name: 'pair' })
  const [others, setOthers] = useState<string[]>([])
  const add = useMutation({
    mutationFn: ({ pair, at, minutes }: FormValues) =>
      addLessons([pair, ...others], instantOf(date, at, me.timeZone), minutes),
    onSuccess: () => {
      setOthers([])
      return client.invalidateQueries(queries.today())
    },
  })
  if (!pairs.data) return null
  const submit = handleSubmit((typed) => add.mutate(typed))
  return (
    <Box as="section" aria-labelledby={`${id}-title`}>
      <chakra.h2 id={`${id}-title`} fontSize="lg" fontWeight="700" marginBottom="3">
        {t('today.add')}
      </chakra.h2>
      {pairs.data.pairs.length === 0 && <chakra.p color="quiet">{t('today.noPairs')}</chakra.p>}
      {first && (
        <chakra.form onSubmit={(e) => void submit(e)}>
          <Grid
            templateColumns={{ base: '1fr 1fr', md: 'minmax(14rem, 24rem) 9rem 7rem auto' }}
            gap="3"
            alignItems="end"
            justifyContent="start"
          >
            <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
              <FieldLabel htmlFor={`${id}-pair`}>{t('today.pair')}</FieldLabel>
              <Select id={`${id}-pair`} {...register('pair', { value: first })}>
                {pairs.data.pairs.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.horse} {t('pair.and')} {p.rider}
                  </option>
                ))}
              </Select>
            </Box>
            <Field label={t('today.at')} type="time" required {...register('at')} />
            <Field
              label={t('today.length')}
              type="number"
              required
              min={5}
              max={180}
              {...register('minutes', { valueAsNumber: true })}
            />
            <Button type="submit" disabled={add.isPending}>
              {t(others.length > 0 ? 'group.addAll' : 'today.put')}
            </Button>
          </Grid>
          <Others pairs={pairs.data.pairs} first={chosen || first} others={others} onChange={setOthers} />
        </chakra.form>
      )}
      {add.isError && (
        <Box marginTop="3">
          <Trouble cause={add.error} />
        </Box>
      )}
    </Box>
  )
}

interface OthersProps {
  pairs: PairName[]
  /** The pair of the lesson itself. */
  first: string
  others: string[]
  onChange: (others: string[]) => void
}

/** Who else rides in the same lesson: each rider and each horse once. */
function Others({ pairs, first, others, onChange }: OthersProps) {
  const { t } = useText()
  const ridden = [first, ...others].flatMap((id) => pairs.find((p) => p.id === id) ?? [])
  const isFree = (p: PairName) =>
    !ridden.some((r) => r.id !== p.id && (r.horseId === p.horseId || r.riderId === p.riderId))
  const free = pairs.find((p) => isFree(p) && !ridden.includes(p))
  const name = (id: string) => pairs.find((p) => p.id === id)?.horse ?? ''
  return (
    <Flex direction="column" gap="2" marginTop="3" align="flex-start">
      {others.map((other, at) => (
        <Flex key={at} gap="2" width="100%" maxWidth="24rem">
          <Select
            aria-label={t('group.another')}
            value={other}
            onChange={(e) => onChange(others.map((o, i) => (i === at ? e.target.value : o)))}
          >
            {pairs
              .filter((p) => p.id === other || (isFree(p) && !ridden.includes(p)))
              .map((p) => (
                <option key={p.id} value={p.id}>
                  {p.horse} {t('pair.and')} {p.rider}
                </option>
              ))}
          </Select>
          <Button
            paddingX="2"
            aria-label={t('group.drop', { name: name(other) })}
            onClick={() => onChange(others.filter((_, i) => i !== at))}
          >
            <Minus size={20} aria-hidden />
          </Button>
        </Flex>
      ))}
      {free && others.length < MOST_TOGETHER - 1 && (
        <Button onClick={() => onChange([...others, free.id])}>
          <Plus size={20} aria-hidden /> {t('group.another')}
        </Button>
      )}
    </Flex>
  )
}

/** So many pairs can be watched at once; the server says so as well. */
const MOST_TOGETHER = 8
