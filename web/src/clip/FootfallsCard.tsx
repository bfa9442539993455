import { Box, chakra, Flex } from '@chakra-ui/react'
import { Undo2 } from 'lucide-react'
import type { Landing } from '../record'
import type { Recorder } from '../recorder'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet } from '../ui'
import type { Clip } from './clips'
import { Feet } from './Feet'
import { footfalls } from './footfalls'
import type { Footfalls, SideLag } from './footfalls'
import { GaitLanes } from './GaitLanes'
import { LagLines } from './LagLines'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { useTakeBack } from './useTakeBack'
import type { Marking } from './useMarking'

interface FootfallsCardProps {
  clip: Clip
  recorder: Recorder
  player: Player | null
  marking: Marking
}

/** Which feet land together: marked frame by frame, told as soon as there are strides enough. */
export function FootfallsCard({ clip, recorder, player, marking }: FootfallsCardProps) {
  const { t } = useText()
  const { landings, mark, undo, keep } = marking
  const { takeBack, line } = useTakeBack(recorder)
  const said = player && footfalls(landings, player.frameMs)
  return (
    <Card data-footfalls>
      {!player && <CardTitle>{t('clip.footfalls')}</CardTitle>}
      {player && (
        <>
          <Quiet>{t('clip.footfallsHow')}</Quiet>
          <GaitLanes player={player} landings={landings} />
          <Feet onFoot={mark} landings={landings} />
          <Box minHeight="12" marginTop="3">
            {said && <FootfallLines says={said} />}
          </Box>
          <Flex gap="2" marginTop="3" wrap="wrap">
            <Button look="act" disabled={said === null || (!said.left && !said.right)} onClick={keep}>
              {t('clip.keep')}
            </Button>
            <Button disabled={landings.length === 0} onClick={undo} aria-keyshortcuts="Backspace">
              {t('clip.undo')}
            </Button>
          </Flex>
        </>
      )}
      {line}
      {!player && clip.measured.length === 0 && <Quiet>{t('clip.noFootfalls')}</Quiet>}
      <chakra.ul listStyleType="none" marginTop="2">
        {clip.measured.map(({ id, marked, says }) => (
          <chakra.li key={id} borderTopWidth="1px" borderColor="line" paddingY="2">
            <Flex justify="space-between" gap="3" align="start">
              <Quiet>{t('clip.from', { at: momentIn(firstOf(marked.landings)) })}</Quiet>
              <Button
                look="bare"
                aria-label={t('clip.takeBackOf', { at: momentIn(firstOf(marked.landings)) })}
                onClick={() => takeBack(id)}
              >
                <Undo2 size={18} aria-hidden />
              </Button>
            </Flex>
            {says && <FootfallLines says={says} />}
          </chakra.li>
        ))}
      </chakra.ul>
    </Card>
  )
}

function FootfallLines({ says: { strideS, left, right } }: { says: Footfalls }) {
  return <LagLines strideS={strideS} left={lagOf(left)} right={lagOf(right)} />
}

const lagOf = (lag: SideLag | undefined) =>
  lag ? { ...lag, low: lag.share - lag.half, high: lag.share + lag.half } : null

const firstOf = (landings: readonly Landing[]) => Math.min(...landings.map(({ ms }) => ms))
