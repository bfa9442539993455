import { Box, chakra, Flex } from '@chakra-ui/react'
import { useId, useState } from 'react'
import type { HorsePhoto } from '../api'
import { dayAndYear, useText } from '../text'
import { FieldLabel } from '../ui'
import { photoAt } from './usePhotos'

interface ThenAndNowProps {
  pair: string
  horse: string
  then: HorsePhoto
  now: HorsePhoto
}

/** The later photo over the earlier one; how much of it shows is drawn along. */
export function ThenAndNow({ pair, horse, then, now }: ThenAndNowProps) {
  const { t } = useText()
  const id = useId()
  const [share, setShare] = useState(50)
  return (
    <Box>
      <Box position="relative" background="sunken" borderRadius="card" overflow="hidden">
        <Photo src={photoAt(pair, then)} alt={t('photo.of', { horse, day: dayAndYear(then.takenOn) })} />
        <Photo
          src={photoAt(pair, now)}
          alt={t('photo.of', { horse, day: dayAndYear(now.takenOn) })}
          position="absolute"
          inset="0"
          style={{ opacity: share / 100 }}
        />
      </Box>
      <FieldLabel htmlFor={id} marginTop="3">
        {t('photo.blend')}
      </FieldLabel>
      <chakra.input
        id={id}
        type="range"
        min={0}
        max={100}
        value={share}
        width="100%"
        height="touch"
        accentColor="ink"
        onChange={(e) => setShare(Number(e.target.value))}
      />
      <Flex justify="space-between" fontVariantNumeric="tabular-nums">
        <span>{dayAndYear(then.takenOn)}</span>
        <span>{dayAndYear(now.takenOn)}</span>
      </Flex>
    </Box>
  )
}

export const Photo = chakra('img', {
  base: { width: '100%', display: 'block', aspectRatio: '4 / 3', objectFit: 'contain' },
})
