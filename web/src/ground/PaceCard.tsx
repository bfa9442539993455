import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { allOf, answerOf, api, queries } from '../api'
import type { GroundRoom } from '../api'
import { useText } from '../text'
import {
  Button,
  Field,
  FoldCard,
  lengthToType,
  lengthTyped,
  numberOrNull,
  Quiet,
  Steps,
  Trouble,
  UNITS,
  useLength,
  useUnits,
} from '../ui'

/** How long the own pace is, by walking a known length. */
export function PaceCard({ room, canWalk }: { room: GroundRoom; canWalk: boolean }) {
  const { t } = useText()
  const len = useLength()
  const client = useQueryClient()
  const [units, setUnits] = useUnits()
  const [typed, setTyped] = useState<string>()
  const length = typed ?? lengthToType(units, units === 'FEET' ? 36.576 : 40)
  const [paces, setPaces] = useState('')
  const walk = useMutation({
    mutationFn: (body: { lengthM: number; paces: number }) =>
      answerOf(api.PUT('/api/v1/ground/pace', { body })),
    onSuccess: (next) => {
      client.setQueryData(queries.ground().queryKey, next)
      void client.invalidateQueries(allOf('measures'))
      setPaces('')
    },
  })
  const lengthM = lengthTyped(units, length)
  const counted = numberOrNull(paces)
  return (
    <FoldCard title={t('ground.ownPaceUnits')}>
      <p>{t(room.isPaceWalked ? 'ground.paceWalked' : 'ground.paceUsual', { metres: len(room.paceM) })}</p>
      <chakra.div marginTop="3" maxWidth="360px">
        <Steps
          label={t('units.name')}
          values={UNITS}
          chosen={units}
          nameOf={(u) => t(`units.names.${u}`)}
          onChoose={(u) => u && setUnits(u)}
        />
      </chakra.div>
      {canWalk && (
        <chakra.form
          noValidate
          marginTop="3"
          display="grid"
          gap="3"
          onSubmit={(e) => {
            e.preventDefault()
            if (lengthM !== null && counted !== null) walk.mutate({ lengthM, paces: counted })
          }}
        >
          <Quiet>{t('ground.paceHow')}</Quiet>
          <Grid templateColumns="1fr 1fr" gap="2">
            <Field
              label={t('ground.field', { label: t('ground.paceLength'), unit: t(`units.short.${units}`) })}
              value={length}
              onChange={(e) => setTyped(e.target.value)}
            />
            <Field
              label={t('ground.paceCount')}
              inputMode="numeric"
              value={paces}
              onChange={(e) => setPaces(e.target.value)}
            />
          </Grid>
          {walk.isError && <Trouble cause={walk.error} />}
          <Button type="submit" disabled={!lengthM || !counted || walk.isPending}>
            {t('ground.paceSave')}
          </Button>
        </chakra.form>
      )}
    </FoldCard>
  )
}
