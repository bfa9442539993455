import { useText } from '../text'
import type { LessonSightings } from '../api'
import { Quiet } from '../ui'

type Aids = LessonSightings['aids']

/** Whether anything was noted of the aids beside their strength. */
export function hasAids({ lightly, intoTheHand, whipFirst, firstAt }: Aids): boolean {
  return lightly.of + intoTheHand.of + whipFirst.of + firstAt.reduce((sum, n) => sum + n, 0) > 0
}

/** How the rider used the aids, as it was noted: counts and order, and what the rider should be told of them. */
export function AidLines({ aids }: { aids: Aids }) {
  const { t } = useText()
  const noted = aids.firstAt.reduce((sum, n) => sum + n, 0)
  return (
    <>
      {noted > 0 && (
        <li>
          {t('aids.firstAt', {
            levels: aids.firstAt
              .flatMap((n, i) => (n > 0 ? [t('aids.level', { level: i + 1, count: n })] : []))
              .join(', '),
          })}
        </li>
      )}
      {aids.lightly.of > 0 && (
        <li>
          {t('aids.lightly', { ...aids.lightly })}{' '}
          <Verdict share={aids.lightly} rule="aids-asks-lightly-first" />
        </li>
      )}
      {aids.intoTheHand.of > 0 && (
        <li>
          {t('aids.intoTheHand', { ...aids.intoTheHand })}{' '}
          <Verdict share={aids.intoTheHand} rule="aids-drives-into-the-hand" />
        </li>
      )}
      {aids.whipFirst.count > 0 && <li>{t('aids.whipFirst', { ...aids.whipFirst })}</li>}
    </>
  )
}

interface VerdictProps {
  share: Aids['lightly']
  rule: 'aids-asks-lightly-first' | 'aids-drives-into-the-hand'
}

function Verdict({ share, rule }: VerdictProps) {
  const { t } = useText()
  if (share.isGood === null) return <Quiet as="span">{t('aids.tooFew', { count: share.fewest })}</Quiet>
  return share.isGood ? null : <b>{t(`rule.${rule}`)}</b>
}
