import { chakra } from '@chakra-ui/react'
import type { Shot } from '../record'
import { useText } from '../text'

interface FilmLineProps {
  cannotTell?: boolean
  film?: readonly Shot[]
}

/** That it cannot be told from here, and what is to be filmed instead. */
export function FilmLine({ cannotTell = false, film = [] }: FilmLineProps) {
  const { t } = useText()
  if (!cannotTell && film.length === 0) return null
  return (
    <chakra.p fontWeight="650" data-film>
      {cannotTell && t('film.cannotTellSaid')}{' '}
      {film.length > 0 && t('film.please', { shots: film.map((shot) => t(`shot.${shot}`)).join('; ') })}
    </chakra.p>
  )
}
