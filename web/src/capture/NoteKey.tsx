import { chakra } from '@chakra-ui/react'
import { Mic, Pencil } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { listen, MOST_MS, speakingIn } from '../recorder'
import type { Recording, Spoken } from '../recorder'
import { clock, useText } from '../text'
import { Button } from '../ui'

/** A shorter touch is one on the pencil. */
const HOLD_MS = 250

interface NoteKeyProps {
  /** Voice notes may be kept of this rider's lessons. */
  maySpeak: boolean
  onWrite: () => void
  onSpeak: (spoken: Spoken) => void
}

/**
 * One key for a note: touched, a line to write in; held, the microphone, until it is let go or a minute is over. Where there is no
 * microphone, where it is refused, or where a minor's voice may not be kept, it only writes.
 */
export function NoteKey({ maySpeak, onWrite, onSpeak }: NoteKeyProps) {
  const { t } = useText()
  const [type] = useState(speakingIn)
  const [isRefused, setRefused] = useState(false)
  const [fromMs, setFromMs] = useState<number>()
  const hold = useRef<{
    timer?: ReturnType<typeof setTimeout>
    isDown: boolean
    recording?: Promise<Recording>
  }>({
    isDown: false,
  })
  useEffect(() => {
    const held = hold.current
    return () => {
      clearTimeout(held.timer)
      void held.recording?.then((r) => r.drop()).catch(() => undefined)
    }
  }, [])
  if (!type || !maySpeak || isRefused) {
    return (
      <Button
        onClick={onWrite}
        aria-label={t('ride.note')}
        title={t(isRefused ? 'voice.refused' : 'ride.note')}
        paddingX="3"
      >
        <Pencil size={20} aria-hidden />
      </Button>
    )
  }
  const begin = () => {
    const recording = listen(type)
    hold.current.recording = recording
    recording.then(
      () => {
        if (!hold.current.isDown) return
        if ('vibrate' in navigator) navigator.vibrate(30)
        setFromMs(performance.now())
      },
      () => {
        hold.current.recording = undefined
        setRefused(true)
      },
    )
  }
  const down = () => {
    hold.current.isDown = true
    hold.current.timer = setTimeout(begin, HOLD_MS)
  }
  const up = async () => {
    if (!hold.current.isDown) return
    hold.current.isDown = false
    clearTimeout(hold.current.timer)
    const { recording } = hold.current
    hold.current.recording = undefined
    setFromMs(undefined)
    if (!recording) return
    const open = await recording.catch(() => undefined)
    // the first time somebody is asked for the microphone, the hand is off the key before it listens
    if (fromMs === undefined) open?.drop()
    else {
      const spoken = await open?.end()
      if (spoken) onSpeak(spoken)
    }
  }
  return (
    <Button
      look={fromMs === undefined ? undefined : 'live'}
      paddingX="3"
      aria-label={t('voice.key')}
      title={t('voice.key')}
      aria-pressed={fromMs !== undefined}
      style={{ touchAction: 'none' }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId)
        down()
      }}
      onPointerUp={() => {
        // a minute was over before it was let go: it is kept already
        if (!hold.current.isDown) return
        const wasHeld = hold.current.recording !== undefined
        void up()
        if (!wasHeld) onWrite()
      }}
      onPointerCancel={() => void up()}
      onContextMenu={(e) => e.preventDefault()}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') onWrite()
      }}
    >
      {/* as wide while it listens: the keys beside it do not move */}
      <chakra.span display="flex" flexDirection="column" alignItems="center" width="20px">
        <Mic size={20} aria-hidden />
        {fromMs !== undefined && <Time fromMs={fromMs} onOver={() => void up()} />}
      </chakra.span>
    </Button>
  )
}

/** How long it has been spoken; over after a minute. */
function Time({ fromMs, onOver }: { fromMs: number; onOver: () => void }) {
  const { t } = useText()
  const [nowMs, setNowMs] = useState(fromMs)
  const over = useRef(onOver)
  useEffect(() => {
    over.current = onOver
  })
  useEffect(() => {
    const timer = setInterval(() => {
      setNowMs(performance.now())
      if (performance.now() - fromMs >= MOST_MS) over.current()
    }, 250)
    return () => clearInterval(timer)
  }, [fromMs])
  return (
    <chakra.span
      role="timer"
      aria-label={t('voice.speaking')}
      fontSize="sm"
      lineHeight="1"
      fontVariantNumeric="tabular-nums"
    >
      {clock(nowMs - fromMs)}
    </chakra.span>
  )
}
