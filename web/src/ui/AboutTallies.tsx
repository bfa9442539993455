import type { Step } from '../api'
import { useText } from '../text'
import { Quiet } from './Card'
import { ABOUT, isTallied } from './tallied'

/** What the sign before a number means, where one of these steps has it. */
export function AboutTallies({ steps }: { steps: Step[] }) {
  const { t } = useText()
  if (!steps.some(isTallied)) return null
  return (
    <Quiet marginTop="3">
      {ABOUT} {t('tally.about')}
    </Quiet>
  )
}
