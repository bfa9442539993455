import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import type { FirstLook, StationTicks } from '../record'
import { Quiet } from '../ui'
import { STANDS, isFinding, seenAt } from './stations'
import type { Stand, Ticked } from './stations'

interface HereProps {
  here: Stand
  onGo: (at: Stand) => void
}

/** Where one stands: what is touched low now is ticked there. */
export function HereKeys({ here, onGo }: HereProps) {
  const { t } = useText()
  return (
    <Row role="group" aria-label={t('look.here')} width={{ base: 'full', md: 'auto' }}>
      <Quiet as="span" fontSize="sm">
        {t('look.here')}
      </Quiet>
      {STANDS.map((at) => (
        <Key key={at} aria-pressed={here === at} onClick={() => onGo(at)}>
          {t(`look.at.${at}`)}
        </Key>
      ))}
    </Row>
  )
}

interface TicksProps {
  look: FirstLook
  of: Ticked
  /** Names what was found. */
  name: string
  onChange: (change: Partial<FirstLook>) => void
}

/** Under a finding: the stations at which it was seen, and what that makes of it. */
export function Ticks({ look, of, name, onChange }: TicksProps) {
  const { t } = useText()
  if (!isFinding(look, of)) return null
  const ticks: StationTicks = look[of] ?? {}
  const times = seenAt(ticks)
  return (
    <Row role="group" aria-label={t('look.seenAt', { name })} marginTop="1.5">
      {STANDS.map((at) => (
        <Key
          key={at}
          aria-pressed={ticks[at] === true}
          onClick={() => onChange({ [of]: { ...ticks, [at]: !ticks[at] } })}
        >
          <span aria-hidden>{ticks[at] ? '✓ ' : ''}</span>
          {t(`look.at.${at}`)}
        </Key>
      ))}
      <Quiet as="span" fontSize="sm">
        {times === 1 && t('certainty.SUSPECTED')}
        {times > 1 && t('certainty.FOUND')}
      </Quiet>
    </Row>
  )
}

const Row = chakra('div', { base: { display: 'flex', alignItems: 'center', gap: '1', flexWrap: 'wrap' } })

const Key = chakra('button', {
  base: {
    minHeight: 'touch',
    paddingX: '2.5',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    fontWeight: '600',
    fontSize: 'sm',
    cursor: 'pointer',
    touchAction: 'manipulation',
    '&[aria-pressed=true]': { background: 'ink', color: 'ground', borderColor: 'ink' },
  },
})
