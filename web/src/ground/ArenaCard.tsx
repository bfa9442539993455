import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { GroundRoom, WantedArena } from '../api'
import { useText } from '../text'
import { Button, Field, FieldLabel, FoldCard, Quiet, Select, Steps, Trouble } from '../ui'
import { Landmarks } from './Landmarks'
import { NumberField } from './NumberField'
import { UndoRedo } from './UndoRedo'
import { usePast } from './usePast'

const SHAPES = ['RECTANGLE', 'OVAL'] as const
const NEW: WantedArena = {
  name: '',
  shape: 'RECTANGLE',
  widthM: 20,
  lengthM: 40,
  slopePct: 0,
  isLettered: true,
  landmarks: [],
}

/** The yard's own arenas: their shape and size, their letters, and what stands beside them and does not move. */
export function ArenaCard({ room, onKept }: { room: GroundRoom; onKept: (id: string) => void }) {
  const { t } = useText()
  const client = useQueryClient()
  const select = useId()
  const [of, setOf] = useState('')
  const past = usePast(NEW)
  const arena = past.now
  /** What is typed is one step, as long as the same is typed. */
  const set = (part: Partial<WantedArena>, typed?: string) => past.set({ ...arena, ...part }, typed)
  const own = room.arenas.filter((a) => a.told !== null)
  const known = own.find((a) => a.drawn.id === of)
  const keep = useMutation({
    mutationFn: ({ id, version, isPutAway }: { id: string; version: number; isPutAway: boolean }) =>
      answerOf(
        api.PUT('/api/v1/ground/arenas/{arena}', {
          params: { path: { arena: id } },
          body: { version, arena: { ...arena, name: arena.name.trim() }, isPutAway },
        }),
      ).then((next) => ({ next, id, isPutAway })),
    onSuccess: ({ next, id, isPutAway }) => {
      client.setQueryData(queries.ground().queryKey, next)
      void client.invalidateQueries(allOf('measures'))
      setOf(id)
      if (!isPutAway) onKept(id)
    },
  })
  const send = (isPutAway: boolean) =>
    keep.mutate({ id: known?.drawn.id ?? v7(), version: known?.version ?? 0, isPutAway })
  const isRect = arena.shape === 'RECTANGLE'
  return (
    <FoldCard title={t('ground.arenas')}>
      <chakra.form
        noValidate
        display="grid"
        gap="3"
        onSubmit={(e) => {
          e.preventDefault()
          send(false)
        }}
      >
        {own.length > 0 && (
          <div>
            <FieldLabel htmlFor={select}>{t('ground.whichArena')}</FieldLabel>
            <Select
              id={select}
              value={of}
              onChange={(e) => {
                setOf(e.target.value)
                past.begin(own.find((a) => a.drawn.id === e.target.value)?.told ?? NEW)
              }}
            >
              <option value="">{t('ground.newArena')}</option>
              {own.map((a) => (
                <option key={a.drawn.id} value={a.drawn.id}>
                  {a.isPutAway ? t('ground.away', { name: a.told?.name ?? '' }) : a.told?.name}
                </option>
              ))}
            </Select>
          </div>
        )}
        <Field
          label={t('ground.arenaName')}
          value={arena.name}
          maxLength={60}
          onChange={(e) => set({ name: e.target.value }, 'name')}
        />
        <Steps
          label={t('ground.shape')}
          values={SHAPES}
          chosen={arena.shape}
          nameOf={(s) => t(`ground.shapes.${s}`)}
          onChoose={(shape) => shape && set({ shape, isLettered: shape === 'RECTANGLE' && arena.isLettered })}
        />
        <Grid templateColumns="repeat(3, minmax(0, 1fr))" gap="2">
          <NumberField
            label={t('ground.width')}
            isLength
            value={arena.widthM}
            least={5}
            most={200}
            onChange={(widthM) => set({ widthM })}
          />
          <NumberField
            label={t('ground.length')}
            isLength
            value={arena.lengthM}
            least={5}
            most={500}
            onChange={(lengthM) => set({ lengthM })}
          />
          <NumberField
            label={t('ground.slope')}
            value={arena.slopePct}
            least={-20}
            most={20}
            onChange={(slopePct) => set({ slopePct })}
          />
        </Grid>
        <Quiet>{t(isRect ? 'ground.slopeHow' : 'ground.penHow')}</Quiet>
        {isRect && (
          <Button
            look="key"
            aria-pressed={arena.isLettered}
            onClick={() => set({ isLettered: !arena.isLettered })}
          >
            {t('ground.lettered')}
          </Button>
        )}
        {arena.landmarks.map((mark, i) => {
          const change = (part: Partial<typeof mark>, typed?: string) =>
            set({ landmarks: arena.landmarks.map((m, at) => (at === i ? { ...m, ...part } : m)) }, typed)
          return (
            <Grid key={i} templateColumns="2fr 1fr 1fr auto" gap="2" alignItems="end">
              <Field
                label={t('ground.landmark')}
                value={mark.name}
                maxLength={20}
                onChange={(e) => change({ name: e.target.value }, `landmark ${i}`)}
              />
              <NumberField
                label={t('ground.across')}
                isLength
                value={mark.x}
                least={-60}
                most={260}
                onChange={(x) => change({ x })}
              />
              <NumberField
                label={t('ground.up')}
                isLength
                value={mark.y}
                least={-60}
                most={560}
                onChange={(y) => change({ y })}
              />
              <Button
                look="bare"
                aria-label={t('ground.remove', { thing: mark.name })}
                onClick={() => set({ landmarks: arena.landmarks.filter((_, at) => at !== i) })}
              >
                ×
              </Button>
            </Grid>
          )
        })}
        {arena.landmarks.length > 0 && arena.lengthM >= arena.widthM && (
          <Landmarks arena={arena} onChange={(landmarks) => set({ landmarks })} past={past} />
        )}
        {arena.landmarks.length < 20 && (
          <Button onClick={() => set({ landmarks: [...arena.landmarks, { name: '', x: 0, y: 0 }] })}>
            {t('ground.addLandmark')}
          </Button>
        )}
        {keep.isError && <Trouble cause={keep.error} />}
        <Flex gap="2" wrap="wrap" role="group" aria-label={t('ground.arenas')}>
          <UndoRedo past={past} />
          <Button type="submit" look="act" disabled={arena.name.trim() === '' || keep.isPending}>
            {t('ground.keepArena')}
          </Button>
          {known && (
            <Button disabled={keep.isPending} onClick={() => send(!known.isPutAway)}>
              {t(known.isPutAway ? 'ground.useAgain' : 'ground.putAway')}
            </Button>
          )}
        </Flex>
      </chakra.form>
    </FoldCard>
  )
}
