import { chakra, Flex } from '@chakra-ui/react'
import { X } from 'lucide-react'
import { useState } from 'react'
import type { OwnForm } from '../api'
import { useText } from '../text'
import { Button, Input } from '../ui'

const USUAL = ['uneven', 'frightened', 'tired'] as const
const MOST = 8

interface StopSignsProps {
  form: OwnForm
  onChange: (form: OwnForm) => void
  isMissing: boolean
}

/** When to stop: the usual signs by a touch, any other in words. */
export function StopSigns({ form, onChange, isMissing }: StopSignsProps) {
  const { t } = useText()
  const [typed, setTyped] = useState('')
  const usual = USUAL.map((u) => t(`own.stop.${u}`))
  const all = [...usual, ...form.stopIf.filter((s) => !usual.includes(s))]
  const set = (stopIf: string[]) => onChange({ ...form, stopIf: stopIf.slice(0, MOST) })
  const add = () => {
    const sign = typed.trim()
    if (sign && !form.stopIf.includes(sign)) set([...form.stopIf, sign])
    setTyped('')
  }
  return (
    <div role="group" aria-label={t('own.stopIf')}>
      <chakra.div fontWeight="650" fontSize="sm" marginBottom="1.5">
        {t('own.stopIf')}
      </chakra.div>
      <Flex gap="1.5" wrap="wrap">
        {all.map((sign) => {
          const isOn = form.stopIf.includes(sign)
          return (
            <Button
              key={sign}
              look="key"
              paddingX="3"
              aria-pressed={isOn}
              onClick={() => set(isOn ? form.stopIf.filter((s) => s !== sign) : [...form.stopIf, sign])}
            >
              {sign}
              {isOn && !usual.includes(sign) && <X size={16} aria-hidden />}
            </Button>
          )
        })}
      </Flex>
      <Flex gap="1.5" marginTop="1.5">
        <Input
          aria-label={t('own.stopOther')}
          placeholder={t('own.stopOther')}
          value={typed}
          maxLength={120}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={add}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return
            e.preventDefault()
            add()
          }}
        />
        <Button onClick={add}>{t('own.add')}</Button>
      </Flex>
      {isMissing && (
        <chakra.p role="alert" fontSize="sm" color="warn" marginTop="1">
          {t('own.missing.stopIf')}
        </chakra.p>
      )}
    </div>
  )
}
