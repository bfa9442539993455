import { chakra, Flex } from '@chakra-ui/react'
import { HardDrive, Unplug } from 'lucide-react'
import { number, useText } from '../text'
import { Button, Quiet, useSteady, WarnBox } from '../ui'
import { useMe } from '../session'
import { shelfOf } from '../store'
import { liveReins, REINS } from './live'
import type { Measuring } from './live'
import { ReinNow } from './ReinNow'
import { SimulatedSensor } from './simulated'
import { useLive } from './useLive'

interface SensorPanelProps extends Pick<Measuring, 'lesson' | 'offsetMs' | 'band' | 'onEnded'> {
  /** So that a test can know what is measured. */
  seed?: number
}

/** From connecting a sensor to letting it go, one step at a time. */
export function SensorPanel({ seed, ...of }: SensorPanelProps) {
  const { t } = useText()
  const shelf = shelfOf(useMe().person)
  const live = useLive()
  const connect = useSteady(() => {
    const sensor = new SimulatedSensor(t('sensor.simulatedName'), seed ?? Date.now() >>> 0)
    void liveReins.connect(sensor, { ...of, shelf })
  })
  const isElsewhere = live.step !== 'OFF' && live.lesson !== of.lesson
  const step = isElsewhere ? 'OFF' : live.step
  return (
    <Flex direction="column" gap="2" data-sensor={step}>
      {live.isSimulated && step !== 'OFF' && (
        <chakra.p fontWeight="650" borderLeftWidth="4px" borderColor="live" paddingLeft="3">
          {t('sensor.simulated')}
        </chakra.p>
      )}
      <chakra.p role="status" fontWeight="650">
        {t(`sensor.step.${step}`)}
      </chakra.p>
      {(step === 'OFF' || step === 'FAILED') && (
        <>
          <Quiet>{t('sensor.about')}</Quiet>
          {isElsewhere && <Quiet>{t('sensor.elsewhere')}</Quiet>}
          <Button onClick={connect}>{t('sensor.connect')}</Button>
        </>
      )}
      {step === 'HANGING' && (
        <>
          <Quiet>{t('sensor.hanging')}</Quiet>
          <Button look="act" onClick={() => void liveReins.zero()}>
            {t('sensor.zero')}
          </Button>
        </>
      )}
      {step === 'PULL' && (
        <>
          <Quiet>{t('sensor.pull')}</Quiet>
          {live.isSimulated && (
            <Button look="act" onClick={() => liveReins.pretendPull()}>
              {t('sensor.pretend')}
            </Button>
          )}
        </>
      )}
      {step === 'RECORDING' && (
        <>
          <Flex gap="4">
            {REINS.map((side) => (
              <ReinNow key={side} side={side} isHeavy={live.heavy[side] && !live.isLost} isNamed />
            ))}
          </Flex>
          <Quiet>{t(of.band ? 'sensor.band' : 'sensor.noBand', bandIn(of.band))}</Quiet>
          {live.isLost && <WarnBox icon={<Unplug size={22} aria-hidden />}>{t('sensor.lostWhy')}</WarnBox>}
          {live.isUnkept && (
            <WarnBox icon={<HardDrive size={22} aria-hidden />}>{t('sensor.unkeptWhy')}</WarnBox>
          )}
        </>
      )}
      {step !== 'OFF' && live.batteryPercent !== null && live.signalPercent !== null && (
        <Quiet>{t('sensor.state', { battery: live.batteryPercent, signal: live.signalPercent })}</Quiet>
      )}
      {step === 'RECORDING' && live.isLost && <Button onClick={connect}>{t('sensor.again')}</Button>}
      {step !== 'OFF' && step !== 'FAILED' && (
        <Button onClick={() => void liveReins.stop()}>
          {t(step === 'RECORDING' ? 'sensor.stop' : 'sensor.cancel')}
        </Button>
      )}
    </Flex>
  )
}

function bandIn(band: Measuring['band']) {
  return band ? { low: number(band.lowKg, 1), high: number(band.highKg, 1) } : {}
}
