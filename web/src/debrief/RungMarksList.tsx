import { chakra, Flex } from '@chakra-ui/react'
import type { DebriefRow } from '../api'
import type { Text } from '../text'
import { useText, wordIn } from '../text'
import { SideLetter } from '../ui'
import { Stretches } from './Stretches'

type Marks = DebriefRow['marks']
type Answers = Marks['answers']

/** What was touched in on this rung beside the asks by strength: each in a line, and nothing where nothing was. */
export function RungMarksList({ marks }: { marks: Marks }) {
  const { t } = useText()
  const lines = linesOf(t, marks)
  if (lines.length + marks.answers.length + marks.holds.length + marks.headsCm.length === 0) return null
  return (
    <Flex direction="column" gap="2">
      <Stretches marks={marks} />
      {marks.answers.length > 0 && <AnswerTable answers={marks.answers} />}
      <chakra.ul listStyleType="none" display="grid" gap="1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </chakra.ul>
    </Flex>
  )
}

function linesOf(t: Text, marks: Marks): string[] {
  const { lines, lighterFirst, praised, rewards, tallied, slips } = marks
  const counted = (key: 'praised' | 'rewards' | 'tallied' | 'slips', count: number) =>
    count > 0 ? [t(`marks.${key}`, { count })] : []
  return [
    ...lines.map((line, i) => lineInWords(t, line, i + 1)),
    ...lighterFirst.map(({ first, then, times }) => t('marks.lighterFirst', { first, then, count: times })),
    ...counted('praised', praised),
    ...counted('rewards', rewards),
    ...counted('tallied', tallied),
    ...counted('slips', slips),
  ]
}

/** One line over poles or fences: the strides against the plan, then only what was noted. */
function lineInWords(t: Text, line: Marks['lines'][number], place: number): string {
  return [
    t('marks.line', { place, strides: t('line.strides', { count: line.ridden }) }) +
      (line.planned === null ? '' : ` ${t('marks.ofPlanned', { count: line.planned })}`),
    ...(line.takeOff ? [t(`takeOff.${line.takeOff}`)] : []),
    ...(line.straight === false ? [t('line.crooked')] : []),
    ...(line.rail && line.rail !== 'CLEAR' ? [t(line.rail === 'DOWN' ? 'line.down' : 'line.touched')] : []),
    ...(line.speed === 'GREW' ? [t('line.grew')] : []),
    ...(line.lead === 'LEFT' || line.lead === 'RIGHT'
      ? [t('marks.lead', { side: t(`side.${line.lead}`) })]
      : []),
    ...(line.change ? [wordIn(t, 'line', line.change.toLowerCase())] : []),
  ].join(', ')
}

/** Answers of a pad without strengths: a row a word, a column a rein. */
function AnswerTable({ answers }: { answers: Answers }) {
  const { t } = useText()
  const words = [...new Map(answers.map((a) => [`${a.pad}.${a.answer}`, a])).values()]
  const reins = (['LEFT', 'RIGHT', 'NONE'] as const).filter((rein) => answers.some((a) => a.rein === rein))
  return (
    <chakra.table fontVariantNumeric="tabular-nums">
      <chakra.caption srOnly>{t('marks.answers')}</chakra.caption>
      <thead>
        <tr>
          <td />
          {reins.map((rein) => (
            <chakra.th key={rein} scope="col" paddingX="3" fontWeight="400" color="quiet">
              <Flex align="center" gap="1.5">
                {rein !== 'NONE' && <SideLetter side={rein} />}
                {t(`rein.${rein}`)}
              </Flex>
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {words.map((word) => (
          <tr key={word.pad + word.answer}>
            <chakra.th scope="row" textAlign="start" fontWeight="400" paddingRight="3">
              {answerWord(t, word)}
            </chakra.th>
            {reins.map((rein) => (
              <chakra.td key={rein} textAlign="center" fontWeight="700" fontSize="lg">
                {answers.find((a) => a.pad === word.pad && a.answer === word.answer && a.rein === rein)
                  ?.times ?? ''}
              </chakra.td>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  )
}

function answerWord(t: Text, { pad, answer }: Answers[number]): string {
  return wordIn(t, pad === 'POLES' ? 'poles' : pad === 'POSITION' ? 'position' : 'choice', answer)
}
