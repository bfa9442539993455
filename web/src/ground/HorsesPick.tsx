import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { queries } from '../api'
import type { GroundView } from '../api'
import { useText } from '../text'
import { Button, FieldLabel, Select } from '../ui'

interface HorsesPickProps {
  chosen: string[]
  /** As many as are measured together. */
  most: number
  view: GroundView | undefined
  onChoose: (pairs: string[]) => void
}

/** For whom the ground is: today's horses by one touch, any other by its name. */
export function HorsesPick({ chosen, most, view, onChoose }: HorsesPickProps) {
  const { t } = useText()
  const select = useId()
  const names = useQuery(queries.names())
  const today = useQuery(queries.today())
  const pairs = names.data?.pairs ?? []
  const todays = [...new Set(today.data?.lessons.map((l) => l.lesson.pair) ?? [])]
  const horse = (pair: string) =>
    view?.horses.find((h) => h.pair === pair)?.horse ?? pairs.find((p) => p.id === pair)?.horse ?? '…'
  const isFull = chosen.length >= most
  return (
    <div>
      <FieldLabel htmlFor={select}>{t('ground.for')}</FieldLabel>
      <Flex gap="2" wrap="wrap" align="center">
        {chosen.map((pair) => (
          <Button
            key={pair}
            look="key"
            aria-pressed
            aria-label={t('ground.without', { horse: horse(pair) })}
            onClick={() => onChoose(chosen.filter((p) => p !== pair))}
          >
            {horse(pair)} <span aria-hidden>×</span>
          </Button>
        ))}
        <chakra.div flex="1 1 170px" maxWidth="260px">
          <Select
            id={select}
            value=""
            disabled={isFull}
            onChange={(e) => e.target.value && onChoose([...chosen, e.target.value])}
          >
            <option value="">{t(isFull ? 'ground.full' : 'ground.addHorse')}</option>
            {pairs
              .filter((p) => !chosen.includes(p.id))
              .map((p) => (
                <option key={p.id} value={p.id}>
                  {t('ground.pair', { horse: p.horse, rider: p.rider })}
                </option>
              ))}
          </Select>
        </chakra.div>
        {todays.some((p) => !chosen.includes(p)) && (
          <Button onClick={() => onChoose([...new Set([...chosen, ...todays])].slice(0, most))}>
            {t('ground.todays')}
          </Button>
        )}
      </Flex>
    </div>
  )
}
