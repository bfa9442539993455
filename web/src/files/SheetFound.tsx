import { Box, chakra, Flex } from '@chakra-ui/react'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { wordIn, useText } from '../text'
import { allOf } from '../api'
import type { SheetColumn, SheetView } from '../api'
import { usePacket } from '../recorder'
import { Button, Card, CardTitle, Quiet, Trouble, Wait } from '../ui'
import { takeSheet } from './api'
import type { Reading } from './api'
import { SheetColumns } from './SheetColumns'
import { SheetRows } from './SheetRows'

const SHOWN = 12

interface SheetFoundProps {
  lesson: string
  text: string
  onTaken: (stored: number) => void
}

/** What was read of a foreign table: which column says what, each line, each cell that cannot be read; then it is taken. */
export function SheetFound({ lesson, text, onTaken }: SheetFoundProps) {
  const { t } = useText()
  const client = useQueryClient()
  const packet = usePacket(lesson)
  const [reading, setReading] = useState<Reading>({ text, columns: null, exercise: null })
  const [isLeftOut, setIsLeftOut] = useState(false)
  const trial = useQuery({
    queryKey: ['sheetFound', lesson, reading, isLeftOut],
    queryFn: () => takeSheet(lesson, reading, true, isLeftOut),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 0,
  })
  const taking = useMutation({
    mutationFn: () => takeSheet(lesson, reading, false, isLeftOut),
    onSuccess: async ({ stored }) => {
      await client.invalidateQueries(allOf('debrief'))
      await client.invalidateQueries(allOf('origins'))
      onTaken(stored)
    },
  })
  if (trial.isPending) return <Wait />
  if (trial.isError) return <Trouble cause={trial.error} />
  const found = trial.data
  const { issues, lines, missing } = found
  const isWhole = missing.length === 0 && lines.length > 0 && (issues.length === 0 || isLeftOut)
  const set = (column: SheetColumn, at: number | undefined) =>
    setReading({ ...reading, columns: { ...found.columns, [column]: at } })
  return (
    <Card>
      <SheetColumns
        found={found}
        rungs={packet.data?.packet.rungs ?? []}
        exercise={reading.exercise}
        onSet={set}
        onExercise={(exercise) => setReading({ ...reading, exercise })}
      />
      {missing.length > 0 && (
        <chakra.p role="alert" fontWeight="650" color="warn" marginTop="3">
          {t('files.missing', { columns: missing.map((c) => t(`files.column.${c}`)).join(', ') })}
        </chakra.p>
      )}
      <Issues issues={issues} isLeftOut={isLeftOut} onLeaveOut={setIsLeftOut} />
      {lines.length > 0 && <SheetRows lines={lines} most={SHOWN} rungs={packet.data?.packet.rungs ?? []} />}
      {isWhole && found.stored === 0 && <chakra.p marginTop="4">{t('files.nothingNew')}</chakra.p>}
      {isWhole && found.stored > 0 && (
        <Button look="act" marginTop="4" disabled={taking.isPending} onClick={() => taking.mutate()}>
          {t('files.takeAsks', { count: lines.length })}
        </Button>
      )}
      {taking.isError && <Trouble cause={taking.error} onAgain={() => taking.mutate()} />}
    </Card>
  )
}

interface IssuesProps {
  issues: SheetView['issues']
  isLeftOut: boolean
  onLeaveOut: (isLeftOut: boolean) => void
}

function Issues({ issues, isLeftOut, onLeaveOut }: IssuesProps) {
  const { t } = useText()
  if (issues.length === 0) return null
  return (
    <Box
      marginTop="5"
      padding="4"
      borderWidth="2px"
      borderColor="warn"
      borderRadius="card"
      background="warnSoft"
    >
      <CardTitle>{t('files.issues', { count: issues.length })}</CardTitle>
      <chakra.ul listStyleType="none" marginY="2">
        {issues.slice(0, SHOWN).map((i) => (
          <Flex as="li" key={`${String(i.line)} ${i.column} ${i.code}`} gap="3">
            <chakra.b minWidth="4.5rem">{t('files.line', { line: i.line })}</chakra.b>
            {t(`files.issue.${i.code}`, {
              column: t(`files.column.${i.column}`),
              value: i.value,
              words: wordIn(t, 'files.words', i.column),
            })}
          </Flex>
        ))}
      </chakra.ul>
      {issues.length > SHOWN && <p>{t('files.more', { count: issues.length - SHOWN })}</p>}
      <Quiet color="ink">{t('files.mend')}</Quiet>
      <chakra.label display="inline-flex" gap="2.5" minHeight="touch" alignItems="center" fontWeight="650">
        <chakra.input
          type="checkbox"
          width="22px"
          height="22px"
          checked={isLeftOut}
          onChange={(e) => onLeaveOut(e.target.checked)}
        />
        {t('files.leaveOut', { count: issues.length })}
      </chakra.label>
    </Box>
  )
}
