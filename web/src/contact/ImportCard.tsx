import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMemo, useState } from 'react'
import type { ContactOfLesson, Lesson } from '../api'
import { clock, number, percent, useText } from '../text'
import { AnchorButton, Button, Card, CardTitle, Quiet, Trouble } from '../ui'
import { DialectForm } from './DialectForm'
import type { Dialect } from './dialect'
import { Ribbon } from './Ribbon'
import type { TableRead } from './samples'
import { sourceOf } from './source'
import { startOf } from './startOf'
import { useContact } from './useContact'
import { useImport } from './useImport'

interface ImportCardProps {
  lesson: Lesson
  band: ContactOfLesson['band']
  isFirst: boolean
}

/** A table of any kind: what it was taken for is said and can be put right, then it goes into the lesson whole, or not at all. */
export function ImportCard({ lesson, band, isFirst }: ImportCardProps) {
  const { t } = useText()
  const { state, read, forget } = useImport()
  const [file, setFile] = useState<File>()
  const choose = (chosen: File | undefined) => {
    if (!chosen) return
    setFile(chosen)
    read(chosen, null)
  }
  const readAs = (dialect: Dialect) => {
    if (file) read(file, dialect)
  }
  return (
    <Card flex="2" width="full" data-import>
      <CardTitle>{t(isFirst ? 'measured.importFirst' : 'measured.importMore')}</CardTitle>
      <Quiet>{t('measured.importHint')}</Quiet>
      <Box marginY="3">
        <AnchorButton as="label" look={isFirst ? 'act' : 'key'} cursor="pointer">
          {t('measured.choose')}
          <chakra.input
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            srOnly
            onChange={(e) => choose(e.target.files?.[0])}
          />
        </AnchorButton>
      </Box>
      <div role="status">
        {state.is === 'READING' && t('measured.reading', { percent: percent(state.share) })}
        {state.is === 'NO_TABLE' && t('measured.noTable')}
      </div>
      {state.is === 'READ' && file && (
        <Flex direction="column" gap="4">
          <DialectForm key={JSON.stringify(state.guess.dialect)} guess={state.guess} onRead={readAs} />
          <BeforeAdding lesson={lesson} band={band} read={state.read} name={file.name} onAdded={forget} />
        </Flex>
      )}
    </Card>
  )
}

interface BeforeAddingProps {
  lesson: Lesson
  band: ContactOfLesson['band']
  read: TableRead
  name: string
  onAdded: () => void
}

/** What was found in it, before anything is sent. */
function BeforeAdding({ lesson, band, read, name, onAdded }: BeforeAddingProps) {
  const { t } = useText()
  const { send } = useContact(lesson.id)
  const [share, setShare] = useState(0)
  const { samples, refusal, faulty, faults, lines } = read
  const source = useMemo(() => samples && sourceOf(samples), [samples])
  return (
    <Flex direction="column" gap="3">
      {refusal && (
        <chakra.p role="alert" fontWeight="650" color="warn">
          {t(`measured.refusal.${refusal}`)}
        </chakra.p>
      )}
      {faulty > 0 && (
        <details>
          <chakra.summary minHeight="touch" cursor="pointer" fontWeight="650">
            {t('measured.faulty', { count: faulty, lines })}
          </chakra.summary>
          <chakra.ul listStyleType="none">
            {faults.map(({ line, fault }) => (
              <li key={line}>{t('measured.faultAt', { line, fault: t(`measured.lineFault.${fault}`) })}</li>
            ))}
          </chakra.ul>
        </details>
      )}
      {samples && source && (
        <>
          <chakra.p fontWeight="650">
            {t('measured.found', {
              time: clock(source.seconds * 1000),
              rate: number(samples.rateHz, 1),
            })}
          </chakra.p>
          <Ribbon
            source={source}
            band={band}
            spans={[]}
            label={t('measured.drawing', { time: clock(source.seconds * 1000), count: 0 })}
          />
          <Quiet>{t(samples.clockS === null ? 'measured.startsWithLesson' : 'measured.startsByClock')}</Quiet>
          <Flex gap="3" align="center" wrap="wrap">
            <Button
              look="act"
              disabled={send.isPending}
              onClick={() =>
                send.mutate(
                  {
                    samples,
                    startedAt: startOf(samples.clockS, lesson.startedAt ?? lesson.plannedAt),
                    name: name.slice(0, 120),
                    onShare: setShare,
                  },
                  { onSuccess: onAdded },
                )
              }
            >
              {t('measured.add')}
            </Button>
            {send.isPending && (
              <Quiet role="status">{t('measured.sending', { percent: percent(share) })}</Quiet>
            )}
          </Flex>
          {send.isError && <Trouble cause={send.error} />}
        </>
      )}
    </Flex>
  )
}
