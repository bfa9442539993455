import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { ComponentProps } from 'react'
import { Input } from './Button'

interface FieldProps extends ComponentProps<typeof Input> {
  label: string
  hint?: string
  /** What is wrong with it, if something is. */
  issue?: string
}

/** A labelled line to fill in; its issue is read out with it. */
export function Field({ label, hint, issue, id: given, ...input }: FieldProps) {
  const made = useId()
  const id = given ?? made
  const note = issue ?? hint
  return (
    <chakra.div width="full">
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <Input id={id} aria-invalid={!!issue} aria-describedby={note ? `${id}-note` : undefined} {...input} />
      {note && (
        <chakra.p id={`${id}-note`} fontSize="sm" marginTop="1" color={issue ? 'warn' : 'quiet'}>
          {note}
        </chakra.p>
      )}
    </chakra.div>
  )
}

export const FieldLabel = chakra('label', {
  base: { display: 'block', fontWeight: '650', fontSize: 'sm', marginBottom: '1' },
})
