import { chakra } from '@chakra-ui/react'
import { useEffect, useRef } from 'react'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { Lesson } from '../api'
import { buttonRecipe } from '../theme'
import { useText } from '../text'

interface GroupStripProps {
  lesson: Pick<Lesson, 'id' | 'group'>
  /** The screen they all have, look or ride, to which a touch goes for another pair. */
  screen: string
  /** What stands beside a name. */
  beside?: (lesson: string) => ReactNode
  /** After the names. */
  children?: ReactNode
}

/** The pairs of a group lesson: one touch goes to the same screen of another one. Nothing for a pair that is taught alone. */
export function GroupStrip({ lesson, screen, beside, children }: GroupStripProps) {
  const { t } = useText()
  // the pair on the screen stays in sight, wherever it stands in the row
  const row = useRef<HTMLOListElement>(null)
  useEffect(() => {
    row.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'nearest', block: 'nearest' })
  }, [lesson.id])
  if (!lesson.group) return null
  return (
    <Row aria-label={t('group.label')}>
      <Names ref={row}>
        {lesson.group.lessons.map((l) => (
          <chakra.li key={l.lesson} flexShrink={0}>
            <Name
              to={`/lessons/${l.lesson}/${screen}`}
              replace
              aria-current={l.lesson === lesson.id ? 'page' : undefined}
              paddingX={{ base: '2', lg: '2.5' }}
              fontSize={{ base: 'sm', lg: 'md' }}
              gap="1.5"
              _currentPage={{ background: 'ink', borderColor: 'ink', color: 'ground' }}
              data-group-lesson={l.lesson}
            >
              {l.horse}
              {beside?.(l.lesson)}
            </Name>
          </chakra.li>
        ))}
      </Names>
      {children}
    </Row>
  )
}

const Row = chakra('nav', { base: { display: 'flex', gap: '1.5', minWidth: '0' } })

const Names = chakra('ol', {
  base: {
    display: 'flex',
    gap: '1.5',
    flex: '1 1 0',
    minWidth: '0',
    overflowX: 'auto',
    scrollbarWidth: 'none',
    listStyleType: 'none',
  },
})

const Name = chakra(Link, buttonRecipe, { defaultProps: { look: 'key' } })
