import { Box, chakra, Flex } from '@chakra-ui/react'
import { useRef, useState } from 'react'
import type { Lesson } from '../api'
import { NoteKey } from '../capture'
import { SIDES } from '../record'
import type { Side } from '../record'
import { useText } from '../text'
import { Button, Card, Field, FieldLabel, isOneSide, Quiet, SideLetter, TextArea, Trouble } from '../ui'
import { useAfter } from './useAfter'

interface FeltFirstProps {
  lesson: Lesson
  /** Both reins were measured: the rider guesses first. */
  isMeasured: boolean
  /** The numbers may be shown. */
  onDone: () => void
}

/** The rider first: what was felt, before any number is shown. A line, a held note, or the better side; or not at all. */
export function FeltFirst({ lesson, isMeasured, onDone }: FeltFirstProps) {
  const { t } = useText()
  const { said: keeping, isReady, maySpeak } = useAfter(lesson.id)
  const line = useRef<HTMLTextAreaElement>(null)
  const [text, setText] = useState('')
  const [better, setBetter] = useState<Side>()
  const said = text.trim()
  const [kg, setKg] = useState({ LEFT: '', RIGHT: '' })
  const leftKg = wholeKg(kg.LEFT)
  const rightKg = wholeKg(kg.RIGHT)
  const isWrong = leftKg === null || rightKg === null
  const isSaid = said !== '' || better !== undefined || leftKg !== undefined || rightKg !== undefined
  return (
    <Card as="section">
      <chakra.h2 fontSize="2xl" fontWeight="740">
        {t('riderFelt.title', { rider: lesson.rider })}
      </chakra.h2>
      <chakra.p fontSize="lg" marginTop="1" marginBottom="4">
        {t('riderFelt.ask')}
      </chakra.p>
      <Flex gap="2" align="center">
        <Box flex="1">
          <FieldLabel>
            {t('riderFelt.line', { rider: lesson.rider })}
            <TextArea
              ref={line}
              rows={2}
              maxLength={1000}
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
          </FieldLabel>
        </Box>
        <NoteKey
          maySpeak={maySpeak}
          onWrite={() => line.current?.focus()}
          onSpeak={(spoken) => keeping.mutate(spoken, { onSuccess: onDone })}
        />
      </Flex>
      <chakra.p id="felt-better" marginTop="4" marginBottom="2" fontWeight="650">
        {t('riderFelt.which', { horse: lesson.horse })}
      </chakra.p>
      <Flex gap="2" wrap="wrap" role="group" aria-labelledby="felt-better">
        {SIDES.map((side) => (
          <Button
            key={side}
            look="key"
            aria-pressed={better === side}
            onClick={() => setBetter(better === side ? undefined : side)}
          >
            {isOneSide(side) && (
              <span aria-hidden>
                <SideLetter side={side} />
              </span>
            )}{' '}
            {t(`riderFelt.key.${side}`)}
          </Button>
        ))}
      </Flex>
      {isMeasured && (
        <>
          <chakra.p marginTop="4" marginBottom="2" fontWeight="650">
            {t('riderFelt.howHeavy', { rider: lesson.rider })}
          </chakra.p>
          <Flex gap="3" maxWidth="24rem">
            {(['LEFT', 'RIGHT'] as const).map((side) => (
              <Field
                key={side}
                label={t(`riderFelt.hand.${side}`)}
                inputMode="numeric"
                autoComplete="off"
                maxLength={2}
                value={kg[side]}
                issue={wholeKg(kg[side]) === null ? t('riderFelt.notKg') : undefined}
                onChange={(e) => setKg({ ...kg, [side]: e.target.value })}
              />
            ))}
          </Flex>
        </>
      )}
      <Flex gap="3" wrap="wrap" marginTop="6">
        <Button
          look="act"
          disabled={!isReady || !isSaid || isWrong}
          onClick={() =>
            keeping.mutate(
              {
                kind: 'rider_felt',
                payload: {
                  ...(said && { text: said }),
                  ...(better && { better }),
                  ...(leftKg !== undefined && leftKg !== null && { leftKg }),
                  ...(rightKg !== undefined && rightKg !== null && { rightKg }),
                },
              },
              { onSuccess: onDone },
            )
          }
        >
          {t('riderFelt.keep')}
        </Button>
        <Button look="plain" onClick={onDone}>
          {t('riderFelt.skip')}
        </Button>
      </Flex>
      {keeping.isError && <Trouble cause={keeping.error} />}
      <Quiet marginTop="3">{t('riderFelt.why')}</Quiet>
    </Card>
  )
}

const MOST_KG = 20

/** Undefined where nothing was typed, null where it is no such number. */
function wholeKg(typed: string): number | null | undefined {
  const text = typed.trim()
  if (text === '') return undefined
  return /^\d+$/.test(text) && Number(text) <= MOST_KG ? Number(text) : null
}
