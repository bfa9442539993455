import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { Homework } from '../api'
import {
  AsideFields,
  blankForm,
  isSafe,
  missingIn,
  NO_ASIDE,
  newOwnId,
  OwnFields,
  useSaveOwn,
} from '../library'
import { useText } from '../text'
import { Button, Card, Select, Trouble } from '../ui'
import type { OwnWish } from './useSet'

interface OwnTaskProps {
  homework: Homework
  isBusy: boolean
  onSet: (wish: OwnWish) => void
}

/** Something that was not ridden: one of the coach's own exercises, a programme, or a task written for this rider now. */
export function OwnTask({ homework, isBusy, onSet }: OwnTaskProps) {
  const { t } = useText()
  const [isWriting, setWriting] = useState(false)
  return (
    <Card marginBottom="6">
      <chakra.h2 fontSize="xl" fontWeight="720" marginBottom="3">
        {t('homework.own')}
      </chakra.h2>
      <Flex gap="3" wrap="wrap">
        <Choice
          label={t('homework.ownRung')}
          among={homework.own}
          isBusy={isBusy}
          onChoose={(rung) => onSet({ is: 'rung', rung })}
        />
        <Choice
          label={t('homework.ownProgramme')}
          among={homework.programmes}
          isBusy={isBusy}
          onChoose={(progression) => onSet({ is: 'programme', progression })}
        />
        <Button aria-expanded={isWriting} onClick={() => setWriting(!isWriting)}>
          {t('homework.write')}
        </Button>
      </Flex>
      {isWriting && (
        <NewTask
          onMade={(rung) => {
            setWriting(false)
            onSet({ is: 'rung', rung })
          }}
        />
      )}
    </Card>
  )
}

interface ChoiceProps {
  label: string
  among: Homework['own']
  isBusy: boolean
  onChoose: (id: string) => void
}

function Choice({ label, among, isBusy, onChoose }: ChoiceProps) {
  if (among.length === 0) return null
  return (
    <Select
      aria-label={label}
      width="auto"
      maxWidth="100%"
      value=""
      disabled={isBusy}
      onChange={(e) => e.target.value && onChoose(e.target.value)}
    >
      <option value="">{label}</option>
      {among.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}
        </option>
      ))}
    </Select>
  )
}

/** Written, saved and set in one go. One that is for this rider alone is put away in the library as soon as it is set. */
function NewTask({ onMade }: { onMade: (rung: string) => void }) {
  const { t } = useText()
  const [id] = useState(newOwnId)
  const [form, setForm] = useState(() => blankForm([t('own.stop.uneven')]))
  const [aside, setAside] = useState(NO_ASIDE)
  const [fresh, setFresh] = useState<Record<string, string>>({})
  const [isKept, setKept] = useState(true)
  const [isTried, setTried] = useState(false)
  const [step] = form.steps
  const save = useSaveOwn(() => {
    if (step) onMade(`${id}.${step.gait.toLowerCase()}.${step.place.toLowerCase()}`)
  })
  return (
    <Box marginTop="5">
      <OwnFields form={form} onChange={setForm} isTried={isTried} />
      <Box marginTop="4">
        <AsideFields
          aside={aside}
          onChange={setAside}
          fresh={fresh}
          onFresh={(sha256, url) => setFresh((all) => ({ ...all, [sha256]: url }))}
        />
      </Box>
      <Flex gap="4" wrap="wrap" align="center" marginTop="4">
        <Button
          look="live"
          minWidth="12rem"
          disabled={save.isPending}
          onClick={() => {
            setTried(true)
            if (missingIn(form).length === 0 && isSafe(aside))
              save.mutate({ id, version: 0, form, isPutAway: !isKept, aside })
          }}
        >
          {t('homework.setTask')}
        </Button>
        <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="touch">
          <input type="checkbox" checked={isKept} onChange={(e) => setKept(e.target.checked)} />
          {t('homework.keepTask')}
        </chakra.label>
      </Flex>
      {save.isError && <Trouble cause={save.error} />}
    </Box>
  )
}
