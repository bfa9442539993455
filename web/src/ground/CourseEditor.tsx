import { chakra, Flex, Grid } from '@chakra-ui/react'
import { ArrowDown, ArrowUp, Repeat, X } from 'lucide-react'
import type { WantedThing } from '../api'
import { useText } from '../text'
import { Button } from '../ui'
import { NumberField } from './NumberField'
import { nameAmong } from './things'

interface CourseEditorProps {
  thing: WantedThing
  course: NonNullable<WantedThing['course']>
  things: WantedThing[]
  onChange: (thing: WantedThing) => void
}

/** Over which fences, in which order, and from which side. */
export function CourseEditor({ thing, course, things, onChange }: CourseEditorProps) {
  const { t } = useText()
  const set = (change: Partial<typeof course>) => onChange({ ...thing, course: { ...course, ...change } })
  const { over } = course
  const swap = (i: number, j: number) => {
    const next = [...over]
    const [one, other] = [over[i], over[j]]
    if (!one || !other) return
    next[i] = other
    next[j] = one
    set({ over: next })
  }
  const fences = things.filter((one) => one.fences)
  return (
    <>
      <chakra.ol listStyleType="none" display="grid" gap="1" aria-label={t('ground.order')}>
        {over.map((jump, i) => {
          const name = nameAmong(t, things, jump.fences)
          return (
            <Flex as="li" key={i} align="center" gap="1">
              <chakra.span flex="1">
                {t(jump.isReversed ? 'ground.jumpBack' : 'ground.jump', { number: i + 1, name })}
              </chakra.span>
              <Button
                look="bare"
                aria-label={t('ground.otherWay', { name })}
                onClick={() =>
                  set({ over: over.map((o, at) => (at === i ? { ...o, isReversed: !o.isReversed } : o)) })
                }
              >
                <Repeat size={18} aria-hidden />
              </Button>
              <Button
                look="bare"
                disabled={i === 0}
                aria-label={t('ground.earlier', { name })}
                onClick={() => swap(i, i - 1)}
              >
                <ArrowUp size={18} aria-hidden />
              </Button>
              <Button
                look="bare"
                disabled={i === over.length - 1}
                aria-label={t('ground.later', { name })}
                onClick={() => swap(i, i + 1)}
              >
                <ArrowDown size={18} aria-hidden />
              </Button>
              <Button
                look="bare"
                disabled={over.length === 1}
                aria-label={t('ground.leaveOut', { name })}
                onClick={() => set({ over: over.filter((_, at) => at !== i) })}
              >
                <X size={18} aria-hidden />
              </Button>
            </Flex>
          )
        })}
      </chakra.ol>
      {over.length < 20 && (
        <Flex gap="2" wrap="wrap" align="center" role="group" aria-label={t('ground.jumpNext')}>
          <span>{t('ground.jumpNext')}</span>
          {fences.map((one) => (
            <Button
              key={one.id}
              onClick={() => set({ over: [...over, { fences: one.id, isReversed: false }] })}
            >
              + {nameAmong(t, things, one.id)}
            </Button>
          ))}
        </Flex>
      )}
      <Grid templateColumns="1fr 1fr" gap="2">
        <NumberField
          label={t('ground.turns')}
          isLength
          value={course.turnM}
          least={3}
          most={30}
          onChange={(turnM) => set({ turnM })}
        />
        <NumberField
          label={t('ground.speed')}
          value={course.speedMMin}
          least={200}
          most={700}
          onChange={(speedMMin) => set({ speedMMin })}
        />
      </Grid>
    </>
  )
}
