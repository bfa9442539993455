import { useState } from 'react'
import { useText } from '../text'
import { Field, lengthToType, lengthTyped, numberOrNull, useLength, useUnits } from '../ui'

interface NumberFieldProps {
  label: string
  value: number | null
  least: number
  most: number
  isWhole?: boolean
  /** Shown and typed in the units of this device. */
  isLength?: boolean
  placeholder?: string
  /** Left empty; without it a number must stand here. */
  onClear?: () => void
  onChange: (value: number) => void
}

/** A number that is taken over once it may stand; until then it is said what may. */
export function NumberField(props: NumberFieldProps) {
  const {
    label,
    value,
    least,
    most,
    isWhole = false,
    isLength = false,
    placeholder,
    onClear,
    onChange,
  } = props
  const { t } = useText()
  const [units] = useUnits()
  const length = useLength()
  const [typed, setTyped] = useState<string>()
  const read = (text: string) => (isLength ? lengthTyped(units, text) : numberOrNull(text))
  const number = typed === undefined ? value : read(typed)
  const isEmpty = typed === undefined ? value === null : typed.trim() === ''
  const fits = (n: number | null) =>
    n !== null && n >= least && n <= most && (!isWhole || Number.isInteger(n))
  const mayBe = isEmpty ? onClear !== undefined : fits(number)
  const shown = value === null ? '' : isLength ? lengthToType(units, value) : String(value)
  return (
    <Field
      label={isLength ? t('ground.field', { label, unit: t(`units.short.${units}`) }) : label}
      inputMode={isLength && units === 'FEET' ? 'text' : 'decimal'}
      autoComplete="off"
      value={typed ?? shown}
      placeholder={placeholder}
      issue={
        mayBe
          ? undefined
          : t(
              'ground.between',
              isLength ? { least: length(least, 1), most: length(most, 1) } : { least, most },
            )
      }
      onChange={(e) => {
        const next = e.target.value
        setTyped(next)
        const asked = read(next)
        if (next.trim() === '') onClear?.()
        else if (asked !== null && fits(asked)) onChange(asked)
      }}
      onBlur={() => setTyped(undefined)}
    />
  )
}
