import { chakra, Flex } from '@chakra-ui/react'
import { X } from 'lucide-react'
import { useText } from '../text'
import { Button } from '../ui'

interface DrawerProps {
  title: React.ReactNode
  /** The title as one line of text, for those who hear it. */
  name: string
  onClose: () => void
  children: React.ReactNode
  /** Few keys, all in reach of the thumb. */
  isLow?: boolean
  /** What ends it, always in reach of the thumb. */
  foot?: React.ReactNode
}

/** What stands over the controls for a moment: what more is to be said, then back to the pad. Escape closes it. */
export function Drawer({ title, name, onClose, children, foot, isLow = false }: DrawerProps) {
  const { t } = useText()
  return (
    <Body role="region" aria-label={name} onKeyDown={(e) => e.key === 'Escape' && onClose()}>
      <Flex align="center" gap="2">
        <chakra.h2 flex="1" minWidth="0" fontSize="lg" fontWeight="720" truncate>
          {title}
        </chakra.h2>
        <Button autoFocus paddingX="3" aria-label={t('ride.close')} onClick={onClose}>
          <X size={22} aria-hidden />
        </Button>
      </Flex>
      <chakra.div
        flex="1"
        minHeight="0"
        overflowY="auto"
        display="grid"
        gridTemplateColumns="minmax(0, 1fr)"
        gap="4"
        alignContent={{ base: isLow ? 'end' : 'start', lg: 'start' }}
      >
        {children}
      </chakra.div>
      {foot}
    </Body>
  )
}

const Body = chakra('div', {
  base: {
    display: 'flex',
    flexDirection: 'column',
    gap: '3',
    minHeight: '0',
    height: '100%',
    padding: '3',
    background: 'card',
    borderRadius: 'card',
    borderWidth: '1px',
    borderColor: 'line',
  },
})

interface ChipsProps<T> {
  name: string
  words: readonly T[]
  now: T | undefined
  text: (word: T) => React.ReactNode
  /** Touched again, a word is taken back where nothing need be said. */
  onChoose: (word: T | undefined) => void
  isNeeded?: boolean
  columns?: number
}

/** One of a few words, each one touch. */
export function Chips<T extends string | number>(props: ChipsProps<T>) {
  const { name, words, now, text, onChoose, isNeeded = false } = props
  return (
    <chakra.div role="group" aria-label={name}>
      <chakra.div fontWeight="650" marginBottom="1.5">
        {name}
      </chakra.div>
      <chakra.div
        display="grid"
        gap="1.5"
        gridTemplateColumns={`repeat(${String(props.columns ?? words.length)}, minmax(0, 1fr))`}
      >
        {words.map((word) => (
          <Button
            key={word}
            look="key"
            minHeight="52px"
            paddingX="1"
            lineHeight="1.1"
            aria-pressed={word === now}
            onClick={() => onChoose(word === now && !isNeeded ? undefined : word)}
          >
            {text(word)}
          </Button>
        ))}
      </chakra.div>
    </chakra.div>
  )
}
