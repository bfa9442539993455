import { Flex } from '@chakra-ui/react'
import type { Ground } from '../api'
import { useText } from '../text'
import { LinkButton } from '../ui'
import { ForHorse } from './ForHorse'
import { isExerciseGround } from './ofExercise'

interface ExerciseOnGroundProps {
  lesson: { id: string; pair: string; horse: string }
  gait: string
  ground: Ground
}

/** What the ground of an exercise is for this horse, and the way to set it up. */
export function ExerciseOnGround({ lesson, gait, ground }: ExerciseOnGroundProps) {
  const { t } = useText()
  return (
    <Flex direction="column" gap="3" marginTop="3">
      <ForHorse ground={ground.forHorse} horse={lesson.horse} gait={gait} />
      {isExerciseGround(ground.kind) && (
        <LinkButton to={`/ground?lesson=${lesson.id}&pair=${lesson.pair}&add=${ground.kind}`}>
          {t('plan.onGround')}
        </LinkButton>
      )}
    </Flex>
  )
}
