import { Box, Grid } from '@chakra-ui/react'
import { useId } from 'react'
import { useText } from '../text'
import type { SheetColumn, SheetView, RungForRide } from '../api'
import { Select, CardTitle, FieldLabel } from '../ui'

export const COLUMNS: SheetColumn[] = [
  'REIN',
  'STRENGTH',
  'RESPONSE',
  'EXERCISE',
  'TIME',
  'GAIT',
  'PLACE',
  'MOUNTED',
  'FIRST',
  'RELEASE',
  'NOTE',
]

interface SheetColumnsProps {
  found: SheetView
  rungs: RungForRide[]
  exercise: string | null
  onSet: (column: SheetColumn, at: number | undefined) => void
  onExercise: (exercise: string | null) => void
}

/** Which column says what, as it was guessed; each can be told otherwise. */
export function SheetColumns({ found, rungs, exercise, onSet, onExercise }: SheetColumnsProps) {
  const { t } = useText()
  const id = useId()
  const exercises = [...new Map(rungs.map((r) => [r.exercise, r.name]))]
  return (
    <>
      <CardTitle>{t('files.columns')}</CardTitle>
      <Grid templateColumns="repeat(auto-fill, minmax(11rem, 1fr))" gap="3" marginTop="3">
        {COLUMNS.map((column) => (
          <Box key={column}>
            <FieldLabel htmlFor={id + column}>{t(`files.column.${column}`)}</FieldLabel>
            <Select
              id={id + column}
              aria-invalid={found.missing.includes(column)}
              value={found.columns[column] ?? ''}
              onChange={(e) => onSet(column, e.target.value === '' ? undefined : Number(e.target.value))}
            >
              <option value="">{t('files.noColumn')}</option>
              {found.heading.map((heading, at) => (
                <option key={at} value={at}>
                  {heading}
                </option>
              ))}
            </Select>
          </Box>
        ))}
        {found.columns.EXERCISE === undefined && (
          <Box>
            <FieldLabel htmlFor={`${id}all`}>{t('files.allOf')}</FieldLabel>
            <Select
              id={`${id}all`}
              value={exercise ?? ''}
              onChange={(e) => onExercise(e.target.value || null)}
            >
              <option value="">{t('files.chooseExercise')}</option>
              {exercises.map(([each, name]) => (
                <option key={each} value={each}>
                  {name}
                </option>
              ))}
            </Select>
          </Box>
        )}
      </Grid>
    </>
  )
}
