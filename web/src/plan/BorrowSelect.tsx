import { chakra } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, api, queries } from '../api'
import type { PlannedLesson } from '../api'
import { SCHOOLS } from '../record'
import type { School } from '../record'
import { useText } from '../text'
import { Quiet, Select, Trouble } from '../ui'

/** Another school for this lesson alone: its exercises, its ladder, its pads. */
export function BorrowSelect({ lesson }: { lesson: PlannedLesson['lesson'] }) {
  const { t } = useText()
  const client = useQueryClient()
  const borrow = useMutation({
    mutationFn: (school: School | null) =>
      answerOf(
        api.PUT('/api/v1/lessons/{id}/school', { params: { path: { id: lesson.id } }, body: { school } }),
      ),
    onSuccess: () => client.invalidateQueries(queries.plan(lesson.id)),
  })
  return (
    <chakra.label display="block">
      <chakra.span display="block" fontWeight="650" marginBottom="1">
        {t('plan.taughtAs')}
      </chakra.span>
      <Select
        disabled={borrow.isPending}
        value={lesson.borrowed ?? ''}
        onChange={(e) => borrow.mutate(SCHOOLS.find((s) => s === e.target.value) ?? null)}
      >
        <option value="">{t('plan.ownSchool', { horse: lesson.horse })}</option>
        {SCHOOLS.map((s) => (
          <option key={s} value={s}>
            {t(`school.${s}`)}
          </option>
        ))}
      </Select>
      {lesson.borrowed && <Quiet marginTop="1">{t('plan.borrowed', { horse: lesson.horse })}</Quiet>}
      {borrow.isError && <Trouble cause={borrow.error} />}
    </chakra.label>
  )
}
