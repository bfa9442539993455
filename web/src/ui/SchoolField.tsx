import { chakra } from '@chakra-ui/react'
import { useId } from 'react'
import type { ComponentProps } from 'react'
import { useText } from '../text'
import { Select } from './Button'
import { FieldLabel } from './Field'
import { SCHOOLS } from '../record'

/** A pair's way of teaching. */
export function SchoolField(props: ComponentProps<typeof Select>) {
  const { t } = useText()
  const id = useId()
  return (
    <chakra.div width="full">
      <FieldLabel htmlFor={id}>{t('setUp.school')}</FieldLabel>
      <Select id={id} {...props}>
        {SCHOOLS.map((s) => (
          <option key={s} value={s}>
            {t(`school.${s}`)}
          </option>
        ))}
      </Select>
    </chakra.div>
  )
}
