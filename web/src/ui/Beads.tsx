import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'
import type { Lesson } from '../api'
import { useText } from '../text'
import { GroupStrip } from './GroupStrip'

export const BEADS = ['look', 'plan', 'ride', 'debrief', 'homework'] as const
export type Bead = (typeof BEADS)[number]

interface BeadsProps {
  lesson: string
  /** Whom else it is taught with. */
  group?: Lesson['group']
  now?: Bead
  /** What is done already. */
  done?: Partial<Record<Bead, boolean>>
}

/** A lesson as a thread with five beads, each a screen: where it is, and what comes next. */
export function Beads({ lesson, group = null, now, done = {} }: BeadsProps) {
  const { t } = useText()
  return (
    <>
      {group && now && (
        <chakra.div marginBottom="3">
          <GroupStrip lesson={{ id: lesson, group }} screen={now} />
        </chakra.div>
      )}
      <chakra.nav aria-label={t('beads.label')} marginBottom={{ base: '4', md: '6' }}>
        <Thread>
          {BEADS.map((bead) => (
            <chakra.li key={bead} flex="1" minWidth="0">
              <BeadLink
                to={`/lessons/${lesson}/${bead}`}
                aria-current={bead === now ? 'page' : undefined}
                data-done={done[bead] === true || undefined}
              >
                <Dot aria-hidden />
                <chakra.span truncate maxWidth="100%">
                  {t(`beads.${bead}`)}
                </chakra.span>
              </BeadLink>
            </chakra.li>
          ))}
        </Thread>
      </chakra.nav>
    </>
  )
}

const Thread = chakra('ol', {
  base: {
    display: 'flex',
    listStyleType: 'none',
    position: 'relative',
    maxWidth: '36rem',
    _before: {
      content: '""',
      position: 'absolute',
      left: '10%',
      right: '10%',
      top: '14px',
      height: '3px',
      background: 'line',
    },
  },
})

const Dot = chakra('span', {
  base: {
    width: '18px',
    height: '18px',
    borderRadius: '999px',
    borderWidth: '3px',
    borderColor: 'line',
    background: 'ground',
    position: 'relative',
  },
})

const BeadLink = chakra(Link, {
  base: {
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'center',
    gap: '1',
    minHeight: 'touch',
    paddingTop: '1.5',
    fontSize: 'sm',
    color: 'quiet',
    borderRadius: 'key',
    '&[data-done] > span:first-of-type': { background: 'ink', borderColor: 'ink' },
    _hover: { color: 'ink' },
    _currentPage: {
      color: 'ink',
      fontWeight: '720',
      '& > span:first-of-type': { background: 'live', borderColor: 'ink' },
    },
  },
})
