import { useState } from 'react'
import { useText } from '../text'
import { Field, numberOrNull } from '../ui'

interface NumberFieldProps {
  label: string
  value: number | null
  least: number
  most: number
  isWhole?: boolean
  placeholder?: string
  /** Left empty; without it a number must stand here. */
  onClear?: () => void
  onChange: (value: number) => void
}

/** A number that is taken over once it may stand; until then it is said what may. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, least, most, isWhole = false, placeholder, onClear, onChange } = props
  const { t } = useText()
  const [typed, setTyped] = useState<string>()
  const number = typed === undefined ? value : numberOrNull(typed)
  const isEmpty = number === null
  const mayBe = isEmpty
    ? onClear !== undefined
    : number >= least && number <= most && (!isWhole || Number.isInteger(number))
  return (
    <Field
      label={label}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? (value === null ? '' : String(value))}
      placeholder={placeholder}
      issue={mayBe ? undefined : t('ground.between', { least, most })}
      onChange={(e) => {
        const next = e.target.value
        setTyped(next)
        const asked = numberOrNull(next)
        if (asked === null) {
          if (next.trim() === '') onClear?.()
        } else if (asked >= least && asked <= most && (!isWhole || Number.isInteger(asked))) onChange(asked)
      }}
      onBlur={() => setTyped(undefined)}
    />
  )
}
