import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { GroundArena, GroundRoom, GroundView } from '../api'
import { useText } from '../text'
import { FieldLabel, Select, useLength } from '../ui'

interface WhereProps {
  room: GroundRoom
  arena: GroundArena
  onChoose: (id: string) => void
}

/** Which arena it is. */
export function Where({ room, arena, onChoose }: WhereProps) {
  const { t } = useText()
  const id = useId()
  return (
    <div>
      <FieldLabel htmlFor={id}>{t('ground.arena')}</FieldLabel>
      <Select id={id} value={arena.id} onChange={(e) => onChoose(e.target.value)}>
        {room.arenas
          .filter((a) => !a.isPutAway || a.drawn.id === arena.id)
          .map(({ drawn }) => (
            <option key={drawn.id} value={drawn.id}>
              {t(drawn.name === null ? 'ground.standard' : 'ground.own', {
                name: drawn.name ?? '',
                width: drawn.widthM,
                length: drawn.lengthM,
              })}
            </option>
          ))}
      </Select>
    </div>
  )
}

/** Whose stride is reckoned with, and where it comes from. */
export function Strides({ view }: { view: GroundView }) {
  const { t } = useText()
  const len = useLength()
  return (
    <chakra.ul listStyleType="none" fontSize="sm" color="quiet">
      {view.horses.map(({ pair, horse, heightCm, stride }) => (
        <li key={pair}>
          <b>{horse}</b>{' '}
          {stride === null
            ? t('ground.noStride')
            : t(stride.measuredOn === null ? 'ground.usualStride' : 'ground.ownStride', {
                metres: len(stride.lengthM),
                height: heightCm ?? 0,
                day: stride.measuredOn ?? '',
              })}
          {stride?.isOld ? `. ${t('stride.old')}` : ''}
        </li>
      ))}
    </chakra.ul>
  )
}
