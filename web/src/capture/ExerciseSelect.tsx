import type { ComponentProps } from 'react'
import { strandIn, useText } from '../text'
import { Select } from '../ui'
import type { Choosable } from './choose'

interface ExerciseSelectProps extends Omit<ComponentProps<typeof Select>, 'onChange'> {
  label: string
  /** Empty: none yet, and the label stands in its place. */
  value: string
  among: Choosable[]
  /** Of the yard's own strands, by their ids. */
  names: Record<string, string> | undefined
  onChoose: (exercise: string) => void
}

/** Exercises by strand. */
export function ExerciseSelect({ label, value, among, names, onChoose, ...rest }: ExerciseSelectProps) {
  const { t } = useText()
  const strands = [...new Set(among.map((c) => c.strand))]
  return (
    <Select
      aria-label={label}
      value={value}
      onChange={(e) => e.target.value && onChoose(e.target.value)}
      {...rest}
    >
      {value === '' && <option value="">{label}</option>}
      {strands.map((strand) => (
        <optgroup key={strand} label={strandIn(t, strand, names)}>
          {among
            .filter((c) => c.strand === strand)
            .map((c) => (
              <option key={c.exercise} value={c.exercise}>
                {c.shortName}
              </option>
            ))}
        </optgroup>
      ))}
    </Select>
  )
}
