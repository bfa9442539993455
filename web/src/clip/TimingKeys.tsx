import { chakra, Flex, Grid } from '@chakra-ui/react'
import { OctagonAlert } from 'lucide-react'
import { useEffect } from 'react'
import { useText } from '../text'
import { Button, isTyping, useSteady } from '../ui'
import type { MarkedFrames } from './onClip'
import { momentIn } from './PlayKeys'
import { timesInWords } from './TimedAsks'
import type { TimedPad } from './useTimedPad'

interface TimingKeysProps {
  pad: TimedPad
  onPraise: () => void
  /** An error came: it was corrected, or let pass. */
  onCorrection: (made: boolean) => void
  onRest: () => void
  onWrong: () => void
}

const FRAMES = [
  { what: 'askedMs', key: 'i' },
  { what: 'reinforcedMs', key: 'k' },
  { what: 'errorMs', key: 'e' },
] as const satisfies { what: keyof MarkedFrames; key: string }[]

/** The moments of an ask beside its answer, each touched on its frame. */
export function TimingKeys({ pad, onPraise, onCorrection, onRest, onWrong }: TimingKeysProps) {
  const { t } = useText()
  const { marked, mark, canLetGo, isUntimed, answerHere, letGo } = pad
  const canReinforce = marked.askedMs !== undefined
  const press = useSteady((e: KeyboardEvent) => {
    if (isTyping(e.target) || e.altKey || e.ctrlKey || e.metaKey) return
    const key = e.key.toLowerCase()
    const frame = FRAMES.find((f) => f.key === key)
    if (frame && (frame.what !== 'reinforcedMs' || canReinforce)) mark(frame.what)
    else if (key === 'g' && canLetGo) letGo()
    else if (key === 'h' && isUntimed) answerHere()
    else return
    e.preventDefault()
  })
  useEffect(() => {
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [press])
  return (
    <chakra.div>
      <Grid
        templateColumns="repeat(3, minmax(0, 1fr))"
        gap="1.5"
        role="group"
        aria-label={t('clip.pad.moments')}
      >
        <Frame what="askedMs" pad={pad} shortcut="I" />
        <Frame what="reinforcedMs" pad={pad} shortcut="K" disabled={!canReinforce} />
        {isUntimed ? (
          <Button look="act" paddingX="2" onClick={answerHere} aria-keyshortcuts="H">
            {t('clip.pad.answerHere')}
          </Button>
        ) : (
          <Button paddingX="2" disabled={!canLetGo} onClick={letGo} aria-keyshortcuts="G">
            {t('clip.pad.letGo')}
          </Button>
        )}
      </Grid>
      <Grid
        templateColumns="repeat(3, minmax(0, 1fr))"
        gap="1.5"
        marginTop="1.5"
        role="group"
        aria-label={t('ride.between')}
      >
        <Frame what="errorMs" pad={pad} shortcut="E" />
        <Button paddingX="1" onClick={() => onCorrection(true)} aria-keyshortcuts="C">
          {t('see.made')}
        </Button>
        <Button paddingX="1" onClick={() => onCorrection(false)}>
          {t('see.letPass')}
        </Button>
        <Button paddingX="1" onClick={onPraise} aria-keyshortcuts="P">
          {t('see.praise')}
        </Button>
        <Button paddingX="1" onClick={onRest}>
          {t('ride.rest')}
        </Button>
        <Button
          paddingX="3"
          background="warn"
          borderColor="warn"
          color="card"
          aria-label={t('wrong.title')}
          title={t('wrong.title')}
          onClick={onWrong}
          aria-keyshortcuts="X"
        >
          <OctagonAlert size={22} aria-hidden />
        </Button>
      </Grid>
      <chakra.p role="status" minHeight="6" marginTop="1">
        {pad.isTooEarly ? t('clip.pad.tooEarly') : pad.timing && timesInWords(t, pad.timing)}
      </chakra.p>
    </chakra.div>
  )
}

interface FrameProps {
  what: keyof MarkedFrames
  pad: TimedPad
  shortcut: string
  disabled?: boolean
}

/** One moment; once it was touched it says at which frame. */
function Frame({ what, pad: { marked, mark }, shortcut, disabled = false }: FrameProps) {
  const { t } = useText()
  const ms = marked[what]
  return (
    <Button
      look={ms === undefined ? 'plain' : 'live'}
      paddingX="2"
      disabled={disabled}
      onClick={() => mark(what)}
      aria-keyshortcuts={shortcut}
    >
      <Flex direction="column" align="center" lineHeight="1.15">
        {t(`clip.pad.${what}`)}
        {ms !== undefined && (
          <chakra.span fontSize="sm" fontWeight="500">
            {momentIn(ms)}
          </chakra.span>
        )}
      </Flex>
    </Button>
  )
}
