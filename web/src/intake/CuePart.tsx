import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Split } from 'lucide-react'
import { useId } from 'react'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { Cue } from '../api'
import { useMe } from '../session'
import { dayAndYear, useText, wordIn } from '../text'
import { Button, Card, CardTitle, Field, FieldLabel, Quiet, Select, Trouble, WarnBox, WhyBox } from '../ui'

type CueForm = Cue['cue']
const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK'] as const

/** One signal, one meaning: the pair's cue book. Where a signal has two, that stands first. */
export function CuePart({ pair }: { pair: string }) {
  const { t } = useText()
  const { actions } = useMe()
  const book = useQuery(queries.cues(pair))
  const change = useCue(pair)
  if (book.isError) return <Trouble cause={book.error} onAgain={() => void book.refetch()} />
  if (!book.data) return null
  const { cues, clashes } = book.data
  const used = cues.filter((c) => !c.cue.isPutAway)
  const away = cues.filter((c) => c.cue.isPutAway)
  const canEdit = actions.includes('EDIT_PAIR')
  const line = (c: Cue) => (
    <CueLine
      key={c.id}
      cue={c.cue}
      onChange={
        canEdit
          ? (more) => change.mutate({ id: c.id, version: c.version, cue: { ...c.cue, ...more } })
          : undefined
      }
    />
  )
  return (
    <Card>
      <CardTitle>{t('cue.title')}</CardTitle>
      <Quiet>{t('cue.lead')}</Quiet>
      {clashes.map((c) => (
        <WarnBox key={c.signal + c.first + c.second} marginTop="3" icon={<Split size={22} aria-hidden />}>
          <p>{t('cue.clash', { ...c })}</p>
        </WarnBox>
      ))}
      <chakra.ul listStyleType="none" marginTop="2">
        {used.map(line)}
      </chakra.ul>
      {change.isError && <Trouble cause={change.error} />}
      {canEdit && <AddCue key={cues.length} onAdd={(cue) => change.mutate({ id: v7(), version: 0, cue })} />}
      {away.length > 0 && (
        <WhyBox marginTop="3">
          <summary>{t('cue.away', { count: away.length })}</summary>
          <chakra.ul listStyleType="none">{away.map(line)}</chakra.ul>
        </WhyBox>
      )}
    </Card>
  )
}

function useCue(pair: string) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version, cue }: Cue) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/cues/{cue}', {
          params: { path: { id: pair, cue: id } },
          body: { version, cue },
        }),
      ),
    onSuccess: async (next) => {
      client.setQueryData(queries.cues(pair).queryKey, next)
      await client.invalidateQueries(allOf('known'))
    },
  })
}

interface CueLineProps {
  cue: CueForm
  onChange: ((more: Partial<CueForm>) => void) | undefined
}

function CueLine({ cue, onChange }: CueLineProps) {
  const { t } = useText()
  return (
    <Box as="li" paddingY="2" borderTopWidth="1px" borderColor="line">
      <chakra.p fontSize="lg">
        <b>{cue.signal}</b>
        {' → '}
        {cue.meaning}
      </chakra.p>
      <Flex gap="2" align="center" wrap="wrap">
        <Quiet>
          {[
            cue.gait && wordIn(t, 'gait', cue.gait),
            cue.since && t('cue.since', { day: dayAndYear(cue.since) }),
            !cue.isPutAway && t(cue.isProven ? 'cue.proven' : 'cue.notProven'),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
        {onChange && !cue.isPutAway && (
          <Button look="bare" onClick={() => onChange({ isProven: !cue.isProven })}>
            {t(cue.isProven ? 'cue.notAnyMore' : 'cue.isProven')}
          </Button>
        )}
        {onChange && (
          <Button look="bare" onClick={() => onChange({ isPutAway: !cue.isPutAway })}>
            {t(cue.isPutAway ? 'cue.takeBack' : 'cue.putAway')}
          </Button>
        )}
      </Flex>
    </Box>
  )
}

interface AddCueProps {
  onAdd: (cue: CueForm) => void
}

function AddCue({ onAdd }: AddCueProps) {
  const { t } = useText()
  const id = useId()
  const { register, handleSubmit, formState } = useForm({
    defaultValues: { signal: '', meaning: '', gait: '' },
  })
  const submit = handleSubmit(({ signal, meaning, gait }) =>
    onAdd({
      signal,
      meaning,
      gait: gait === '' ? null : gait,
      since: null,
      isProven: false,
      isPutAway: false,
    }),
  )
  return (
    <chakra.form noValidate onSubmit={(e) => void submit(e)} marginTop="3">
      <Grid
        templateColumns={{ base: '1fr', md: 'minmax(0, 1fr) minmax(0, 1fr) 9rem auto' }}
        gap="2"
        alignItems="end"
      >
        <Field label={t('cue.signal')} maxLength={120} {...register('signal', { required: true })} />
        <Field label={t('cue.meaning')} maxLength={120} {...register('meaning', { required: true })} />
        <Box>
          <FieldLabel htmlFor={id}>{t('cue.gait')}</FieldLabel>
          <Select id={id} {...register('gait')}>
            <option value="">{t('cue.anyGait')}</option>
            {GAITS.map((g) => (
              <option key={g} value={g}>
                {t(`gait.${g}`)}
              </option>
            ))}
          </Select>
        </Box>
        <Button type="submit" disabled={!formState.isValid}>
          {t('cue.add')}
        </Button>
      </Grid>
    </chakra.form>
  )
}
