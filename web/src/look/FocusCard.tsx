import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ShieldAlert } from 'lucide-react'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import type { Text } from '../text'
import { wordIn, useText } from '../text'
import { answerOf, api, queries } from '../api'
import type { Focus, FocusKind, LookView } from '../api'
import { useMe } from '../session'
import { Button, Input, LinkButton, Card, Quiet, Trouble, WarnBox, WhyBox } from '../ui'

const CHOICES: FocusKind[] = [
  'CONFIDENCE',
  'RIDER',
  'STOP_BACK',
  'ATTENTION',
  'FORWARD',
  'RHYTHM',
  'JAW',
  'BEND',
  'SHOULDERS',
  'CONTACT',
  'QUARTERS',
  'NEXT_RUNG',
]

/** What the look makes of the day: the focus, what must not be ridden, the why; and the coach's own choice. */
export function FocusCard({ view }: { view: LookView }) {
  const { t } = useText()
  const { focus, choice, lesson } = view
  const { actions } = useMe()
  const [isChoosing, setChoosing] = useState(false)
  if (!focus) return null
  const kinds = choice?.chosen ?? focus.kinds
  // nothing was found, and too little was looked at to say so
  const isOpen = focus.lacking.length > 0 && !choice
  const isStopped = focus.limits.includes('NOTHING_RIDDEN')
  return (
    <Card aria-label={t('look.focus')}>
      <Quiet>{t(choice ? 'look.chosenFocus' : 'look.focus')}</Quiet>
      <chakra.p fontFamily="heading" fontSize="3xl" fontWeight="760" lineHeight="1.05">
        {kinds.map((k) => t(`focus.${k}`)).join(` ${t('look.then')} `)}
      </chakra.p>
      {choice && (
        <Quiet marginTop="1">
          {t('look.advised', { focus: focus.kinds.map((k) => t(`focus.${k}`)).join(', ') })}
          {choice.reason && ` “${choice.reason}”`}
        </Quiet>
      )}
      <Limits focus={focus} horse={lesson.horse} />
      <chakra.ul listStyleType="none" marginTop="2">
        {!isStopped &&
          !isOpen &&
          kinds.map((k) => (
            <li key={k}>
              {wordIn(t, 'focusSays', k, { horse: lesson.horse })}
              {beside(t, focus, k)}
            </li>
          ))}
      </chakra.ul>
      {isOpen && (
        <Quiet marginTop="2">
          {t('look.notEnough', { checks: focus.lacking.map((c) => t(`check.${c}`)).join(', ') })}
        </Quiet>
      )}
      <Why focus={focus} />
      <Flex gap="2" wrap="wrap" marginTop="3">
        {!isStopped && (
          <LinkButton to={`/lessons/${lesson.id}/plan`} look="act">
            {t('look.toPlan')}
          </LinkButton>
        )}
        {!isStopped && actions.includes('CHOOSE_FOCUS') && (
          <Button onClick={() => setChoosing(!isChoosing)} aria-expanded={isChoosing}>
            {t('look.other')}
          </Button>
        )}
      </Flex>
      {isChoosing && <Other view={view} onDone={() => setChoosing(false)} />}
    </Card>
  )
}

/** The rows that have a word of their own beside what their focus says. */
const OWN_WORD = { 'focus.arms': 'rowSays.focus-arms', 'focus.runs': 'rowSays.focus-runs' } as const

/** What the rows that fired say beside their focus, and how sure they are. */
function beside(t: Text, focus: Focus, kind: FocusKind): string {
  const fired = focus.findings.filter((f) => f.focus === kind && f.said === 'FIRES')
  const said = fired.flatMap((f) =>
    f.rowId in OWN_WORD ? [t(OWN_WORD[f.rowId as keyof typeof OWN_WORD])] : [],
  )
  if (fired.some((f) => f.certainty === 'SUSPECTED')) said.push(t('look.suspectedSays'))
  return said.map((text) => ` ${text}`).join('')
}

/** A row's id as the language file has it. */
function keyOf(rowId: string): string {
  return rowId.replace('.', '-')
}

function Limits({ focus, horse }: { focus: Focus; horse: string }) {
  const { t } = useText()
  return (
    <>
      {focus.limits.map((limit) => (
        <WarnBox key={limit} role="alert" marginTop="3" icon={<ShieldAlert size={26} aria-hidden />}>
          <chakra.p fontWeight="650">{t(`limit.${limit}`, { horse })}</chakra.p>
        </WarnBox>
      ))}
    </>
  )
}

function Why({ focus }: { focus: Focus }) {
  const { t } = useText()
  return (
    <WhyBox marginTop="3">
      <summary>{t('debrief.why.title')}</summary>
      <chakra.ul listStyleType="none" paddingY="2" fontSize="sm">
        {focus.findings.map((f) => (
          <chakra.li key={f.rowId} paddingY="1" fontWeight={f.said === 'FIRES' ? '700' : '400'}>
            {wordIn(t, 'row', keyOf(f.rowId), { threshold: f.threshold })}: {t(`said.${f.said}`)}
            {f.seen.length > 0 && (
              <chakra.span color="quiet" fontWeight="400">
                {' '}
                (
                {f.seen
                  .map((s) => wordIn(t, 'lookSaw', s.what, { value: seenValue(t, s.what, s.value) }))
                  .join(', ')}
                ){f.said === 'FIRES' && f.certainty !== 'NOT_SAID' && `, ${t(`certainty.${f.certainty}`)}`}
              </chakra.span>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
      {focus.missing.length > 0 && (
        <Quiet>{t('look.missing', { checks: focus.missing.map((c) => t(`check.${c}`)).join(', ') })}</Quiet>
      )}
      <Quiet>{t('debrief.why.book', { book: focus.book })}</Quiet>
    </WhyBox>
  )
}

function seenValue(t: Text, what: string, value: string): string {
  if (what === 'SOUNDNESS') return wordIn(t, 'soundness', value)
  if (what.startsWith('PLACE')) return wordIn(t, 'bendPlace', value)
  if (what === 'COMPLAINT') return wordIn(t, 'complaint', value)
  if (what === 'NECK_TWISTS' || what === 'SHOULDER_INSIDE')
    return t(value === 'true' ? 'look.yes' : 'look.no')
  return what === 'SHOULDER' ? wordIn(t, 'look.weight', value) : value
}

function Other({ view, onDone }: { view: LookView; onDone: () => void }) {
  const { t } = useText()
  const client = useQueryClient()
  const id = view.lesson.id
  const [chosen, setChosen] = useState<FocusKind[]>(view.choice?.chosen ?? [])
  const { register, getValues } = useForm({ defaultValues: { reason: '' } })
  const choose = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/v1/lessons/{id}/focus', {
          params: { path: { id } },
          body: { id: v7(), chosen, reason: getValues('reason').trim() || null },
        }),
      ),
    onSuccess: async (next) => {
      client.setQueryData(queries.look(id).queryKey, next)
      await client.invalidateQueries(queries.plan(id))
      onDone()
    },
  })
  const flip = (k: FocusKind) =>
    setChosen(chosen.includes(k) ? chosen.filter((c) => c !== k) : [...chosen, k].slice(-2))
  return (
    <Box marginTop="3">
      <Quiet>{t('look.chooseTwo')}</Quiet>
      <Flex gap="2" wrap="wrap" marginY="2">
        {CHOICES.map((k) => (
          <Button key={k} look="key" aria-pressed={chosen.includes(k)} onClick={() => flip(k)}>
            {t(`focus.${k}`)}
          </Button>
        ))}
      </Flex>
      <Flex gap="2" wrap={{ base: 'wrap', md: 'nowrap' }}>
        <Input
          aria-label={t('debrief.reason')}
          placeholder={t('debrief.reason')}
          maxLength={400}
          {...register('reason')}
        />
        <Button
          look="act"
          flexShrink={0}
          disabled={chosen.length === 0 || choose.isPending}
          onClick={() => choose.mutate()}
        >
          {t('look.choose')}
        </Button>
      </Flex>
      {choose.isError && <Trouble cause={choose.error} />}
    </Box>
  )
}
