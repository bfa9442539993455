import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { allOf, answerOf, api, queries } from '../api'
import type { OwnProgression, OwnWork } from '../api'
import { useText } from '../text'
import { Button, Field, Quiet, Select, Trouble, Wait } from '../ui'
import { newOwnId } from './ownForm'
import { StageCard } from './StageCard'
import { blankStage, moved, thereStage } from './stages'
import type { Stage } from './stages'

const MOST = 12

/** The moment: what this pair needs takes weeks, in order. Stages, each with its days, typed one below the other. */
export default function ProgrammePage() {
  const { id } = useParams()
  const own = useQuery({ ...queries.own(), refetchOnMount: 'always' })
  if (own.isPending) return <Wait />
  if (own.isError) return <Trouble cause={own.error} onAgain={() => void own.refetch()} />
  const there = own.data.progressions.find((p) => p.id === id)
  return <Form key={there?.version ?? 0} own={own.data} {...(there && { there })} />
}

function Form({ own, there }: { own: OwnWork; there?: OwnProgression }) {
  const { t } = useText()
  const navigate = useNavigate()
  const client = useQueryClient()
  const [id] = useState(there?.id ?? newOwnId())
  const [name, setName] = useState(there?.progression.name ?? '')
  const [stages, setStages] = useState<Stage[]>(
    () =>
      there?.progression.exercises.flatMap((e) => thereStage(own, e)) ?? [blankStage([t('own.stop.uneven')])],
  )
  const [isTried, setTried] = useState(false)
  const save = useMutation({
    mutationFn: () =>
      answerOf(
        api.PUT('/api/v1/library/progressions/{progression}', {
          params: { path: { progression: id } },
          body: {
            version: there?.version ?? 0,
            isPutAway: false,
            made: stages.filter((s) => s.isNew).map((s) => ({ id: s.id, exercise: s.form })),
            progression: { name: name.trim(), exercises: stages.map((s) => s.id) },
          },
        }),
      ),
    onSuccess: async () => {
      await Promise.all(
        (['library', 'own', 'pair', 'plan', 'homework', 'packet'] as const).map((of) =>
          client.invalidateQueries(allOf(of)),
        ),
      )
      void navigate('/library?own')
    },
  })
  const taken = new Set([
    ...own.progressions.filter((p) => p.id !== id).flatMap((p) => p.progression.exercises),
  ])
  const free = own.exercises.filter(
    (e) => !e.isPutAway && !taken.has(e.id) && stages.every((s) => s.id !== e.id),
  )
  const isWhole =
    name.trim() !== '' && stages.every((s) => !s.isNew || (s.form.name.trim() && s.form.feel.trim()))
  return (
    <chakra.form
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        setTried(true)
        if (isWhole) save.mutate()
      }}
    >
      <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
        {there ? t('programme.change') : t('programme.new')}
      </chakra.h1>
      <Quiet marginBottom="4">{t('programme.lead')}</Quiet>
      <Box maxWidth="40rem" marginBottom="5">
        <Field
          label={t('programme.name')}
          value={name}
          maxLength={60}
          fontSize="xl"
          onChange={(e) => setName(e.target.value)}
          {...(isTried && name.trim() === '' && { issue: t('own.missing.name') })}
        />
      </Box>
      <chakra.ol listStyleType="none" display="grid" gap="3">
        {stages.map((stage, i) => (
          <StageCard
            key={stage.id}
            stage={stage}
            number={i + 1}
            isLast={i === stages.length - 1}
            isTried={isTried}
            onChange={(next) => setStages(stages.map((s) => (s.id === stage.id ? next : s)))}
            onMove={(by) => setStages(moved(stages, i, by))}
            onRemove={
              stages.length > 1 ? () => setStages(stages.filter((s) => s.id !== stage.id)) : undefined
            }
          />
        ))}
      </chakra.ol>
      <Flex gap="3" wrap="wrap" marginTop="4">
        <Button
          disabled={stages.length >= MOST}
          onClick={() => setStages([...stages, blankStage([t('own.stop.uneven')])])}
        >
          {t('programme.add')}
        </Button>
        {free.length > 0 && (
          <Select
            aria-label={t('programme.addOwn')}
            width="auto"
            value=""
            disabled={stages.length >= MOST}
            onChange={(e) => setStages([...stages, ...thereStage(own, e.target.value)])}
          >
            <option value="">{t('programme.addOwn')}</option>
            {free.map((e) => (
              <option key={e.id} value={e.id}>
                {e.exercise.name}
              </option>
            ))}
          </Select>
        )}
      </Flex>
      {save.isError && <Trouble cause={save.error} />}
      <Flex gap="3" marginTop="6">
        <Button
          type="submit"
          look="live"
          minWidth="12rem"
          minHeight="64px"
          fontSize="lg"
          disabled={save.isPending}
        >
          {t('programme.save')}
        </Button>
        <Button minHeight="64px" onClick={() => void navigate(-1)}>
          {t('own.leave')}
        </Button>
      </Flex>
    </chakra.form>
  )
}
