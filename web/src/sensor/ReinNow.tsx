import { chakra } from '@chakra-ui/react'
import { useEffect, useRef } from 'react'
import { steady, useText } from '../text'
import { liveReins } from './live'
import type { ReinName } from './live'

/** Numbers that change faster cannot be read. */
const NUMBERS_MS = 500

interface ReinNowProps {
  side: ReinName
  isHeavy: boolean
  /** In words rather than by its letter. */
  isNamed?: boolean
}

/** What one rein carries, told twice a second without drawing anything else anew. */
export function ReinNow({ side, isHeavy, isNamed }: ReinNowProps) {
  const { t } = useText()
  const text = useRef<HTMLElement>(null)
  useEffect(() => {
    const tell = () => {
      const { levelKg } = liveReins.rein(side)
      if (text.current) text.current.textContent = levelKg === null ? '–' : steady(levelKg, 1)
    }
    tell()
    const timer = setInterval(tell, NUMBERS_MS)
    return () => clearInterval(timer)
  }, [side])
  return (
    <Number data-rein={side} data-heavy={isHeavy || undefined}>
      <chakra.span color={isHeavy ? 'onLive' : side} fontWeight="800">
        {t(isNamed ? `sensor.rein.${side}` : `sensor.letter.${side}`)}
      </chakra.span>
      <chakra.b ref={text} minWidth="2.1rem" textAlign="end" fontVariantNumeric="tabular-nums" />
      <chakra.span fontSize="sm">{isHeavy ? t('sensor.heavy') : t('sensor.kg')}</chakra.span>
    </Number>
  )
}

const Number = chakra('span', {
  base: {
    display: 'flex',
    alignItems: 'baseline',
    gap: '1',
    paddingX: '1',
    borderRadius: 'key',
    '&[data-heavy]': { background: 'live', color: 'onLive' },
  },
})
