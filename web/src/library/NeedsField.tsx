import { Box, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { useId } from 'react'
import { queries } from '../api'
import type { OwnForm } from '../api'
import { strandIn, useText, wordIn } from '../text'
import { Button, FieldLabel, Select } from '../ui'

const MOST = 6

/** Which rungs come before it; it opens when they are passed. */
export function NeedsField({ form, onChange }: { form: OwnForm; onChange: (form: OwnForm) => void }) {
  const { t } = useText()
  const id = useId()
  const library = useQuery(queries.library())
  if (!library.data) return null
  const { strands, strandNames } = library.data
  const nameOf = (rung: string) => {
    const step = strands.flatMap((s) => s.steps).find((s) => s.rung === rung)
    return step ? `${step.shortName}, ${wordIn(t, 'gait', step.gait)}` : rung
  }
  return (
    <Box>
      <FieldLabel htmlFor={id}>{t('own.needs')}</FieldLabel>
      {form.needs.length < MOST && (
        <Select
          id={id}
          value=""
          onChange={(e) => e.target.value && onChange({ ...form, needs: [...form.needs, e.target.value] })}
        >
          <option value="">{t('own.needsAny')}</option>
          {strands.map((s) => (
            <optgroup key={s.strand} label={strandIn(t, s.strand, strandNames)}>
              {s.steps
                .filter((step) => !form.needs.includes(step.rung))
                .map((step) => (
                  <option key={step.rung} value={step.rung}>
                    {nameOf(step.rung)}
                  </option>
                ))}
            </optgroup>
          ))}
        </Select>
      )}
      <Flex gap="1.5" wrap="wrap" marginTop="1.5">
        {form.needs.map((rung) => (
          <Button
            key={rung}
            aria-label={t('own.needsNoMore', { rung: nameOf(rung) })}
            onClick={() => onChange({ ...form, needs: form.needs.filter((n) => n !== rung) })}
          >
            {nameOf(rung)} <X size={16} aria-hidden />
          </Button>
        ))}
      </Flex>
    </Box>
  )
}
