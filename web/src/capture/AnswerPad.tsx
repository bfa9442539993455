import { Grid } from '@chakra-ui/react'
import { POLES_ANSWERS, POSITION_ANSWERS } from '../record'
import type { Mark, PolesAnswer, PositionAnswer, RideMark } from '../record'
import { useText } from '../text'
import { PadCount, PadKey } from './PadKey'

interface AnswerPadProps<A extends string> {
  /** What was marked on what is worked on now. */
  marks: RideMark[]
  onAnswer: (answer: A) => void
}

/** The pad of poles: what the feet did, each time they are ridden. */
export function PolesPad({ marks, onAnswer }: AnswerPadProps<PolesAnswer>) {
  const { t } = useText()
  return (
    <Rows
      name={t('poles.pad')}
      answers={POLES_ANSWERS}
      word={(answer) => t(`poles.${answer}`)}
      count={(answer) => countOf(marks, (said) => said.kind === 'poles' && said.answer === answer)}
      warn={['TRIPPED']}
      onAnswer={onAnswer}
    />
  )
}

/** The pad of the rider's position: whether it holds. In every school. */
export function PositionPad({ marks, onAnswer }: AnswerPadProps<PositionAnswer>) {
  const { t } = useText()
  return (
    <Rows
      name={t('position.pad')}
      answers={POSITION_ANSWERS}
      word={(answer) => t(`position.${answer}`)}
      count={(answer) => countOf(marks, (said) => said.kind === 'position' && said.answer === answer)}
      warn={[]}
      onAnswer={onAnswer}
    />
  )
}

function countOf(marks: RideMark[], is: (said: Mark) => boolean): number {
  return marks.filter((m) => is(m.said)).length
}

interface RowsProps<A extends string> {
  name: string
  /** From best to worst. */
  answers: readonly A[]
  word: (answer: A) => string
  count: (answer: A) => number
  warn: A[]
  onAnswer: (answer: A) => void
}

/** One key an answer, the best on top; one touch is one answer. */
function Rows<A extends string>({ name, answers, word, count, warn, onAnswer }: RowsProps<A>) {
  const { t } = useText()
  return (
    <Grid
      role="group"
      aria-label={name}
      gridTemplateRows={`repeat(${String(answers.length)}, 1fr)`}
      gap="1.5"
      flex="1"
      minHeight="0"
    >
      {answers.map((answer, i) => {
        const so = count(answer)
        return (
          <PadKey
            key={answer}
            data-worth={i === 0 ? 'good' : warn.includes(answer) ? 'warn' : undefined}
            aria-label={t('ride.answerCell', { answer: word(answer), count: so })}
            onClick={() => onAnswer(answer)}
          >
            <span aria-hidden>{word(answer)}</span> <PadCount aria-hidden>{so > 0 ? so : ''}</PadCount>
          </PadKey>
        )
      })}
    </Grid>
  )
}
