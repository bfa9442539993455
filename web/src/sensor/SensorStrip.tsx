import { chakra, Flex } from '@chakra-ui/react'
import { BatteryLow, Unplug } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { useText } from '../text'
import { paletteOf } from '../timeline'
import { useMode } from '../ui'
import { liveReins, REINS } from './live'
import { ReinNow } from './ReinNow'
import { paintStrip } from './stripPaint'
import { useLive } from './useLive'

const HEIGHT = 34
const LOW_BATTERY = 20
/** So long after a touch the strip stands still. */
const AFTER_TOUCH_MS = 150
/** So many paintings apart the width is asked for. */
const WIDTH_EVERY = 20

/** Both reins as they are now, above the pad: what each carries, and the last half minute. Touched, it says more. */
export function SensorStrip({ onOpen }: { onOpen: () => void }) {
  const { t } = useText()
  const { step, heavy, isLost, isUnkept, isSimulated, batteryPercent } = useLive()
  const isLow = batteryPercent !== null && batteryPercent <= LOW_BATTERY
  const said = isLost ? t('sensor.lost') : isUnkept ? t('sensor.unkept') : null
  return (
    <Strip data-strip onClick={onOpen}>
      <chakra.span srOnly>{t('sensor.strip')}</chakra.span>
      {step === 'RECORDING' ? (
        <>
          <Flex direction="column" flexShrink={0} lineHeight="1.05">
            {REINS.map((side) => (
              <ReinNow key={side} side={side} isHeavy={heavy[side] && !isLost} />
            ))}
          </Flex>
          <Drawing />
          <Flex direction="column" align="flex-end" fontSize="sm" lineHeight="1.1" maxWidth="4.5rem">
            {said ? (
              <chakra.b role="status" color="warn">
                {said}
              </chakra.b>
            ) : (
              isSimulated && <span>{t('sensor.simulatedShort')}</span>
            )}
            {isLost && <Unplug size={16} aria-hidden />}
            {isLow && !isLost && (
              <>
                <BatteryLow size={18} aria-hidden />
                <span>{t('sensor.battery', { percent: batteryPercent })}</span>
              </>
            )}
          </Flex>
        </>
      ) : (
        <chakra.b flex="1" textAlign="start">
          {t(`sensor.step.${step}`)}
        </chakra.b>
      )}
    </Strip>
  )
}

function Drawing() {
  const paper = useRef<HTMLCanvasElement>(null)
  const { t } = useText()
  const [mode] = useMode()
  useEffect(() => {
    const canvas = paper.current
    const ctx = canvas?.getContext('2d')
    if (!canvas || !ctx) return
    const colours = paletteOf(canvas)
    const dots = window.devicePixelRatio || 1
    let frame = 0
    let painted = 0
    let width = 0
    let touchedMs = -Infinity
    const touch = () => (touchedMs = performance.now())
    const paint = () => {
      // what was touched is painted first
      if (performance.now() - touchedMs < AFTER_TOUCH_MS) {
        frame = requestAnimationFrame(paint)
        return
      }
      frame = 0
      // asking for it makes the browser lay out the whole page
      if (painted++ % WIDTH_EVERY === 0) width = Math.round(canvas.clientWidth)
      if (canvas.width !== Math.round(width * dots)) canvas.width = Math.round(width * dots)
      if (canvas.height !== Math.round(HEIGHT * dots)) canvas.height = Math.round(HEIGHT * dots)
      ctx.setTransform(dots, 0, 0, dots, 0, 0)
      paintStrip(ctx, liveReins, width, HEIGHT, colours)
    }
    const stop = liveReins.onSamples(() => {
      frame ||= requestAnimationFrame(paint)
    })
    window.addEventListener('pointerdown', touch, { capture: true, passive: true })
    return () => {
      stop()
      window.removeEventListener('pointerdown', touch, { capture: true })
      cancelAnimationFrame(frame)
    }
  }, [mode])
  return (
    <canvas
      ref={paper}
      role="img"
      aria-label={t('sensor.drawing')}
      style={{ flex: 1, minWidth: 0, height: HEIGHT, display: 'block' }}
    />
  )
}

const Strip = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '2',
    width: '100%',
    minHeight: '38px',
    paddingX: '2',
    background: 'card',
    borderWidth: '1px',
    borderColor: 'line',
    borderRadius: 'key',
    cursor: 'pointer',
  },
})
