import { Box, chakra } from '@chakra-ui/react'
import type { SheetView, RungForRide } from '../api'
import { CardTitle, Quiet, SideLetter } from '../ui'
import { wordIn, useText } from '../text'

interface SheetRowsProps {
  lines: SheetView['lines']
  most: number
  rungs: RungForRide[]
}

/** The first lines as they were read, in the record's words. */
export function SheetRows({ lines, most, rungs }: SheetRowsProps) {
  const { t } = useText()
  const names = new Map(rungs.map((r) => [r.exercise, r.name]))
  return (
    <Box marginTop="5">
      <CardTitle>{t('files.lines')}</CardTitle>
      {lines.every((l) => l.time === null) && <Quiet>{t('files.noTime')}</Quiet>}
      <Box overflowX="auto" marginTop="2" tabIndex={0} role="region" aria-label={t('files.lines')}>
        <Table>
          <tbody>
            {lines.slice(0, most).map((l) => (
              <tr key={l.line}>
                <chakra.th scope="row">{t('files.line', { line: l.line })}</chakra.th>
                <td>{l.time}</td>
                <td>
                  {names.get(l.exercise) ?? l.exercise}, {wordIn(t, 'gait', l.gait)},{' '}
                  {wordIn(t, 'place', l.place)}
                </td>
                <td>
                  {l.rein === 'NONE' ? t('rein.NONE') : <SideLetter side={l.rein} />}
                  {l.mounted !== 'RIDER' && <> {t(`mounted.${l.mounted}`)}</>}
                </td>
                <td>
                  {l.strength} {t(`strength.${l.strength as 1 | 2 | 3 | 4}`)}
                </td>
                <td>
                  <b>{t(`response.${l.response}`)}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Box>
      {lines.length > most && <Quiet marginTop="2">{t('files.more', { count: lines.length - most })}</Quiet>}
    </Box>
  )
}

const Table = chakra('table', {
  base: {
    width: 'full',
    fontVariantNumeric: 'tabular-nums',
    '& th': { textAlign: 'left', fontWeight: '400', color: 'quiet', paddingRight: '4' },
    '& td': { paddingY: '1.5', paddingRight: '4' },
    '& tr': { borderTopWidth: '1px', borderColor: 'line' },
  },
})
