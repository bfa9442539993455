import { Box, chakra, Flex } from '@chakra-ui/react'
import { Printer, Share2 } from 'lucide-react'
import { useState } from 'react'
import type { PlanBlock, PlannedLesson } from '../api'
import { useMe } from '../session'
import { dayLongAt, noteIn, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Button } from '../ui'
import { minutes } from './minutes'

/** What is shared and printed of a plan: the same lines. */
function linesOf(t: Text, { plan, lesson }: PlannedLesson, timeZone: string): string[] {
  return [
    `${lesson.horse} ${t('pair.and')} ${lesson.rider}, ${dayLongAt(lesson.plannedAt, timeZone)}`,
    plan.focus.map((k) => t(`focus.${k}`)).join(` ${t('look.then')} `),
    '',
    `${t('plan.walkIn')}: ${t('debrief.min', { minutes: minutes(plan.beforeS) })}`,
    ...plan.blocks.map((b, i) => `${String(i + 1)}. ${lineOf(t, b)}`),
    `${t('plan.longRein')}: ${t('debrief.min', { minutes: minutes(plan.afterS) })}`,
  ]
}

function lineOf(t: Text, b: PlanBlock): string {
  const sides =
    b.leftS === b.rightS
      ? t('plan.eachRein', { minutes: minutes(b.leftS) })
      : `${t('side.LEFT')} ${minutes(b.leftS)}, ${t('side.RIGHT')} ${minutes(b.rightS)}`
  return `${t(`plan.role.${b.role}`)}: ${b.of.name}, ${wordIn(t, 'gait', b.of.gait)}, ${t('debrief.min', { minutes: minutes(b.workS) })} (${sides})`
}

/** Hands the plan on: on paper, or as a few lines by whatever way people already use. */
export function HandOn({ planned }: { planned: PlannedLesson }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [isCopied, setCopied] = useState(false)
  const share = async () => {
    const text = linesOf(t, planned, timeZone).join('\n')
    try {
      // not every device has a sheet to share with
      if ('share' in navigator) await navigator.share({ text })
      else {
        await (navigator as Navigator).clipboard.writeText(text)
        setCopied(true)
      }
    } catch {
      // shared with nobody: the person went back
    }
  }
  return (
    <Flex gap="2" wrap="wrap" align="center" marginTop="2">
      <Button onClick={() => window.print()}>
        <Printer size={20} aria-hidden />
        {t('plan.print')}
      </Button>
      <Button onClick={() => void share()}>
        <Share2 size={20} aria-hidden />
        {t('plan.share')}
      </Button>
      <chakra.span role="status" color="quiet" fontSize="sm">
        {isCopied && t('plan.copied')}
      </chakra.span>
    </Flex>
  )
}

/** The plan on one sheet of paper, readable at arm's length; on the screen it is not there. */
export function PlanSheet({ planned }: { planned: PlannedLesson }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const { plan, lesson } = planned
  return (
    <Box display="none" _print={{ display: 'block' }} color="black" fontSize="14pt" lineHeight="1.35">
      <chakra.h1 fontSize="24pt" fontWeight="770">
        {lesson.horse} {t('pair.and')} {lesson.rider}
      </chakra.h1>
      <p>
        {dayLongAt(lesson.plannedAt, timeZone)} · {t('today.minutes', { minutes: lesson.minutes })} ·{' '}
        {plan.focus.map((k) => t(`focus.${k}`)).join(` ${t('look.then')} `)}
      </p>
      <chakra.ul listStyleType="none" fontWeight="650" marginTop="2">
        {plan.notes
          .filter((n) => n.grave)
          .map((n) => (
            <li key={n.code}>! {noteIn(t, n, { horse: lesson.horse })}</li>
          ))}
      </chakra.ul>
      <chakra.table width="100%" marginTop="3" css={{ '& td': { padding: '1.5mm 2mm 1.5mm 0' } }}>
        <tbody>
          {plan.blocks.map((b, i) => (
            <chakra.tr key={i} borderTopWidth="1px" borderColor="black" verticalAlign="top">
              <td>{t(`plan.role.${b.role}`)}</td>
              <td>
                <b>{b.of.name}</b>, {wordIn(t, 'gait', b.of.gait)}
                {b.circleM !== null && `, ${t('look.metres', { metres: b.circleM })}`}
                {b.wayBackSaid && (
                  <chakra.div fontSize="11pt">
                    {t('plan.wayBack')}: {b.wayBackSaid}
                  </chakra.div>
                )}
              </td>
              <chakra.td whiteSpace="nowrap" textAlign="right">
                L {minutes(b.leftS)} · R {minutes(b.rightS)}
              </chakra.td>
            </chakra.tr>
          ))}
        </tbody>
      </chakra.table>
      <p>
        {t('plan.walkIn')} {minutes(plan.beforeS)} · {t('plan.longRein')} {minutes(plan.afterS)} ·{' '}
        {t('plan.workRest', { work: minutes(plan.workS), rest: minutes(plan.restS) })}
      </p>
    </Box>
  )
}
