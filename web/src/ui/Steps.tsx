import { chakra } from '@chakra-ui/react'

interface StepsProps<T> {
  /** Names the whole row for a screen reader. */
  label: string
  values: readonly T[]
  chosen: T | undefined
  /** What was chosen the last times, the latest first: shown as ticks behind. */
  ghosts?: (T | undefined)[]
  nameOf: (value: T) => string
  shownOf?: (value: T) => React.ReactNode
  onChoose: (value: T | undefined) => void
  columns?: number
  /** Colour of what is chosen; the side's where it has one. */
  color?: string
  onColor?: string
  column?: boolean
}

/** A row (or column) of touches of which one holds; touched again it is let go. Earlier choices stand behind as ticks. */
export function Steps<T extends string | number | boolean>(props: StepsProps<T>) {
  const { values, chosen, ghosts = [], nameOf, shownOf = nameOf, onChoose } = props
  const { color = 'ink', onColor = 'ground', columns = values.length, column = false } = props
  return (
    <chakra.div
      role="group"
      aria-label={props.label}
      display="grid"
      gap="1"
      gridTemplateColumns={column ? '1fr' : `repeat(${columns}, minmax(0, 1fr))`}
    >
      {values.map((value) => {
        const isChosen = chosen === value
        const times = ghosts.filter((g) => g === value).length
        return (
          <Step
            key={String(value)}
            aria-pressed={isChosen}
            aria-label={nameOf(value)}
            onClick={() => onChoose(isChosen ? undefined : value)}
            background={isChosen ? color : 'card'}
            borderColor={isChosen ? color : 'line'}
            color={isChosen ? onColor : 'ink'}
          >
            {shownOf(value)}
            {times > 0 && (
              <Ticks aria-hidden>
                {Array.from({ length: times }, (_, i) => (
                  <i key={i} />
                ))}
              </Ticks>
            )}
          </Step>
        )
      })}
    </chakra.div>
  )
}

const Step = chakra('button', {
  base: {
    position: 'relative',
    minHeight: 'touch',
    minWidth: '0',
    paddingX: '1',
    borderRadius: 'key',
    borderWidth: '2px',
    fontWeight: '650',
    fontSize: 'md',
    lineHeight: '1.1',
    cursor: 'pointer',
    touchAction: 'manipulation',
    userSelect: 'none',
  },
  defaultVariants: {},
})

const Ticks = chakra('span', {
  base: {
    position: 'absolute',
    left: '0',
    right: '0',
    bottom: '3px',
    display: 'flex',
    justifyContent: 'center',
    gap: '2px',
    '& i': { width: '7px', height: '4px', borderRadius: '2px', background: 'currentColor', opacity: 0.45 },
  },
})
