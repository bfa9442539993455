import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { GroundRoom, WantedThing } from '../api'
import { useText } from '../text'
import { Button, Field, FoldCard, Quiet, Trouble } from '../ui'
import type { Draft } from './draft'

interface LayoutsCardProps {
  room: GroundRoom
  arena: string
  things: WantedThing[]
  layout: Draft['layout']
  canKeep: boolean
  onOpen: (layout: {
    id: string
    version: number
    name: string
    arena: string
    things: WantedThing[]
  }) => void
  onKept: (layout: Draft['layout']) => void
}

/** The yard's set-ups: this one to be kept, another to be set up again. */
export function LayoutsCard({ room, arena, things, layout, canKeep, onOpen, onKept }: LayoutsCardProps) {
  const { t } = useText()
  const client = useQueryClient()
  const known = room.layouts.find((l) => l.id === layout?.id)
  const [typed, setTyped] = useState<string>()
  const name = typed ?? known?.name ?? ''
  const open = useMutation({
    mutationFn: (id: string) =>
      answerOf(api.GET('/api/v1/ground/layouts/{layout}', { params: { path: { layout: id } } })),
    onSuccess: (found) => {
      setTyped(undefined)
      onOpen(found)
    },
  })
  const keep = useMutation({
    mutationFn: ({ isNew, isPutAway }: { isNew: boolean; isPutAway: boolean }) => {
      const of = isNew || !layout ? { id: v7(), version: 0 } : layout
      return answerOf(
        api.PUT('/api/v1/ground/layouts/{layout}', {
          params: { path: { layout: of.id } },
          body: { version: of.version, name: name.trim(), arena, things, isPutAway },
        }),
      )
    },
    onSuccess: (kept) => {
      void client.invalidateQueries(queries.ground())
      onKept({ id: kept.id, version: kept.version })
    },
  })
  const there = room.layouts.filter((l) => !l.isPutAway)
  const mayKeep = canKeep && things.length > 0
  return (
    <FoldCard title={t('ground.layouts')}>
      {there.length === 0 && <Quiet>{t('ground.noLayouts')}</Quiet>}
      <Flex gap="2" wrap="wrap">
        {there.map((l) => (
          <Button
            key={l.id}
            look="key"
            aria-pressed={l.id === layout?.id}
            disabled={open.isPending}
            onClick={() => open.mutate(l.id)}
          >
            {t('ground.layout', { name: l.name, count: l.things })}
          </Button>
        ))}
      </Flex>
      {open.isError && <Trouble cause={open.error} />}
      {mayKeep && (
        <chakra.form
          noValidate
          marginTop="4"
          display="grid"
          gap="3"
          onSubmit={(e) => {
            e.preventDefault()
            keep.mutate({ isNew: false, isPutAway: false })
          }}
        >
          <Field
            label={t('ground.layoutName')}
            value={name}
            maxLength={60}
            onChange={(e) => setTyped(e.target.value)}
          />
          {keep.isError && <Trouble cause={keep.error} />}
          <Flex gap="2" wrap="wrap">
            <Button type="submit" look="act" disabled={name.trim() === '' || keep.isPending}>
              {t(layout ? 'ground.keepChanged' : 'ground.keep')}
            </Button>
            {layout && (
              <Button
                disabled={name.trim() === '' || keep.isPending}
                onClick={() => keep.mutate({ isNew: true, isPutAway: false })}
              >
                {t('ground.keepNew')}
              </Button>
            )}
            {known && (
              <Button
                disabled={name.trim() === '' || keep.isPending}
                onClick={() => keep.mutate({ isNew: false, isPutAway: !known.isPutAway })}
              >
                {t(known.isPutAway ? 'ground.useAgain' : 'ground.putAway')}
              </Button>
            )}
          </Flex>
        </chakra.form>
      )}
    </FoldCard>
  )
}
