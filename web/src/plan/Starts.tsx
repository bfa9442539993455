import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { chakra, Flex } from '@chakra-ui/react'
import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { WantedBlock } from '../api'
import { useMe } from '../session'
import { dayLongAt, useText } from '../text'
import { Button, FoldCard, Input, Quiet, Trouble } from '../ui'
import { minutes } from './minutes'

interface StartsProps {
  lesson: string
  /** The plan as it stands, to be kept under a name. */
  blocks: WantedBlock[]
  onChoose: (blocks: WantedBlock[]) => void
}

/** What this plan can be begun from instead: the plan of last time, or one of the yard's own. */
export function Starts({ lesson, blocks, onChoose }: StartsProps) {
  const { t } = useText()
  const { timeZone } = useMe()
  const client = useQueryClient()
  const starts = useQuery(queries.planStarts(lesson))
  const again = () => client.invalidateQueries({ queryKey: ['planStarts'] })
  const [name, setName] = useState('')
  const keep = useMutation({
    mutationFn: (kept: { id: string; name: string; blocks: WantedBlock[] }) =>
      answerOf(
        api.PUT('/api/v1/plan-templates/{id}', {
          params: { path: { id: kept.id } },
          body: { name: kept.name, blocks: kept.blocks },
        }),
      ),
    onSuccess: () => {
      setName('')
      setGone(undefined)
      return again()
    },
  })
  const [gone, setGone] = useState<{ id: string; name: string; blocks: WantedBlock[] }>()
  const remove = useMutation({
    mutationFn: (one: { id: string; name: string; blocks: WantedBlock[] }) =>
      answerOf(api.DELETE('/api/v1/plan-templates/{id}', { params: { path: { id: one.id } } })),
    onSuccess: (_, one) => {
      setGone(one)
      return again()
    },
  })
  return (
    <FoldCard title={t('plan.startFrom')}>
      {starts.isError && <Trouble cause={starts.error} onAgain={() => void starts.refetch()} />}
      {starts.data && (
        <chakra.ul listStyleType="none" display="grid" gap="3">
          {starts.data.last && (
            <Start
              name={t('plan.lastTime', { day: dayLongAt(starts.data.last.at, timeZone) })}
              parts={starts.data.last.plan.parts}
              onChoose={() => starts.data.last && onChoose(starts.data.last.plan.blocks)}
            />
          )}
          {starts.data.templates.map((one) => (
            <Start
              key={one.id}
              name={one.name}
              parts={one.plan.parts}
              onChoose={() => onChoose(one.plan.blocks)}
              onRemove={() => remove.mutate({ id: one.id, name: one.name, blocks: one.plan.blocks })}
            />
          ))}
          {!starts.data.last && starts.data.templates.length === 0 && (
            <li>
              <Quiet>{t('plan.noStarts')}</Quiet>
            </li>
          )}
        </chakra.ul>
      )}
      {gone && (
        <Flex gap="2" align="center" marginTop="2" role="status">
          {t('plan.templateGone', { name: gone.name })}
          <Button onClick={() => keep.mutate(gone)}>{t('ride.undo')}</Button>
        </Flex>
      )}
      <Flex
        as="form"
        gap="2"
        marginTop="3"
        wrap="wrap"
        onSubmit={(e: React.SyntheticEvent) => {
          e.preventDefault()
          if (name.trim() && blocks.length > 0) keep.mutate({ id: v7(), name: name.trim(), blocks })
        }}
      >
        <Input
          flex="1 1 12rem"
          aria-label={t('plan.templateName')}
          placeholder={t('plan.templateName')}
          value={name}
          maxLength={60}
          onChange={(e) => setName(e.target.value)}
        />
        <Button type="submit" disabled={!name.trim() || blocks.length === 0}>
          {t('plan.keepTemplate')}
        </Button>
      </Flex>
      {(keep.error ?? remove.error) && <Trouble cause={keep.error ?? remove.error} />}
    </FoldCard>
  )
}

interface StartProps {
  name: string
  parts: { rung: string; name: string; seconds: number }[]
  onChoose: () => void
  onRemove?: () => void
}

function Start({ name, parts, onChoose, onRemove }: StartProps) {
  const { t } = useText()
  return (
    <Flex as="li" gap="2" align="center" wrap="wrap">
      <chakra.div flex="1 1 14rem" minWidth="0">
        <chakra.b>{name}</chakra.b>
        <Quiet>{parts.map((p) => `${p.name} ${minutes(p.seconds)}`).join(' · ')}</Quiet>
      </chakra.div>
      <Button onClick={onChoose} aria-label={t('plan.beginFrom', { name })}>
        {t('plan.useIt')}
      </Button>
      {onRemove && (
        <Button paddingX="2" aria-label={t('plan.removeTemplate', { name })} onClick={onRemove}>
          <Trash2 size={20} aria-hidden />
        </Button>
      )}
    </Flex>
  )
}
