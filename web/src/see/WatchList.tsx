import { chakra, Flex } from '@chakra-ui/react'
import { useText, wordIn } from '../text'
import type { WatchItem } from '../api'
import type { RideMark } from '../record'
import { Button, SideLetter } from '../ui'

interface WatchListProps {
  watch: WatchItem[]
  /** Of this lesson: what was ticked already. */
  marks: RideMark[]
  onTick: (watch: string, seen: boolean) => void
}

/** What is looked for again: seen today, or not. One touch each; the last one counts. */
export function WatchList({ watch, marks, onTick }: WatchListProps) {
  const { t } = useText()
  // what was put on watch just now is not asked again on the same day
  const due = watch.filter((w) => !marks.some((m) => m.id === w.id))
  if (due.length === 0) return null
  return (
    <chakra.ul listStyleType="none" aria-label={t('watch.title')} display="grid" gap="1.5">
      {due.map((w) => {
        const ticked = marks.filter((m) => m.said.kind === 'watched' && m.said.watch === w.id).at(-1)?.said
        const now = ticked?.kind === 'watched' ? ticked.seen : undefined
        const name = wordIn(t, 'seen', w.name)
        return (
          <li key={w.id}>
            <Flex align="center" gap="1.5" role="group" aria-label={name}>
              <chakra.span flex="1" minWidth="0" lineHeight="1.15">
                <Flex as="span" align="center" gap="1.5" fontWeight="650">
                  {w.side !== 'NONE' && <SideLetter side={w.side} />}
                  {name}
                </Flex>
                <chakra.span fontSize="sm" color="quiet">
                  {w.station && `${t(`station.${w.station}`)} · `}
                  {w.asked > 0 ? t('watch.sofar', { seen: w.seen, count: w.asked }) : t('watch.fresh')}
                </chakra.span>
              </chakra.span>
              {[true, false].map((seen) => (
                <Button
                  key={String(seen)}
                  look="key"
                  minHeight="52px"
                  paddingX="3"
                  aria-pressed={now === seen}
                  onClick={() => onTick(w.id, seen)}
                >
                  {t(seen ? 'watch.seen' : 'watch.notSeen')}
                </Button>
              ))}
            </Flex>
          </li>
        )
      })}
    </chakra.ul>
  )
}
