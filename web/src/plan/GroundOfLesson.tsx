import type { PlannedLesson } from '../api'
import { StandsHere } from '../ground'
import { useText } from '../text'
import { FoldCard, LinkButton } from '../ui'

/** What stands on the ground in this lesson, for its horse; and the way to set it up. */
export function GroundOfLesson({ planned, canEdit }: { planned: PlannedLesson; canEdit: boolean }) {
  const { t } = useText()
  const { ground, lesson } = planned
  const stands = ground && ground.things.length > 0
  if (!stands && !canEdit) return null
  return (
    <FoldCard title={t('plan.stands')}>
      {stands ? <StandsHere ground={ground} /> : <p>{t('plan.nothingStands')}</p>}
      {canEdit && (
        <LinkButton marginTop="3" to={`/ground?pair=${lesson.pair}&lesson=${lesson.id}`}>
          {t(stands ? 'plan.changeGround' : 'plan.setUpGround')}
        </LinkButton>
      )}
    </FoldCard>
  )
}
