import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { ComponentProps } from 'react'
import { TextArea } from './Button'
import { FieldLabel } from './Field'

interface TextFieldProps extends ComponentProps<typeof TextArea> {
  label: string
  hint?: string
}

/** A labelled text that grows with what is typed. */
export function TextField({ label, hint, ...input }: TextFieldProps) {
  const id = useId()
  return (
    <chakra.div width="full">
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <TextArea
        id={id}
        rows={1}
        minHeight="touch"
        resize="none"
        paddingY="2.5"
        aria-describedby={hint ? `${id}-hint` : undefined}
        css={{ fieldSizing: 'content' }}
        {...input}
      />
      {hint && (
        <chakra.p id={`${id}-hint`} fontSize="sm" marginTop="1" color="quiet">
          {hint}
        </chakra.p>
      )}
    </chakra.div>
  )
}
