import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { allOf, answerOf, api, queries } from '../api'
import type { GroundRoom } from '../api'
import { useText } from '../text'
import { Button, Field, FoldCard, numberOrNull, Quiet, Trouble } from '../ui'

/** How long the own pace is, by walking a known length. */
export function PaceCard({ room, canWalk }: { room: GroundRoom; canWalk: boolean }) {
  const { t } = useText()
  const client = useQueryClient()
  const [length, setLength] = useState('40')
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
  const lengthM = numberOrNull(length)
  const counted = numberOrNull(paces)
  return (
    <FoldCard title={t('ground.ownPace')}>
      <p>
        {t(room.isPaceWalked ? 'ground.paceWalked' : 'ground.paceUsual', { metres: room.paceM.toFixed(2) })}
      </p>
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
              label={t('ground.paceLength')}
              inputMode="decimal"
              value={length}
              onChange={(e) => setLength(e.target.value)}
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
