import { useState } from 'react'
import type { DebriefRow, Lesson } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button } from '../ui'
import { Choose } from './Choose'
import { isWayIn } from './wayIn'

/** The way to another decision than the one advised, or than the one made. */
export function Otherwise({
  row: { advice, decision, rung, ...row },
  lesson,
}: {
  row: DebriefRow
  lesson: Lesson
}) {
  const { t } = useText()
  const { actions } = useMe()
  const [isChanging, setChanging] = useState(false)
  if (!rung || !advice || !actions.includes('DECIDE')) return null
  const isOpen = !decision && !isWayIn({ advice, decision, rung, ...row })
  if (isOpen || isChanging) {
    return <Choose rung={rung} advice={advice} lesson={lesson} onDone={() => setChanging(false)} />
  }
  return decision ? (
    <Button look="plain" alignSelf="start" onClick={() => setChanging(true)}>
      {t('debrief.change')}
    </Button>
  ) : null
}
