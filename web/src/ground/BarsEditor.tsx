import { Flex, Grid } from '@chakra-ui/react'
import type { WantedThing } from '../api'
import { useText } from '../text'
import { Button } from '../ui'
import { NumberField } from './NumberField'
import { tidy } from './things'

interface PartProps<K extends 'row' | 'fan' | 'fences'> {
  thing: WantedThing
  onChange: (thing: WantedThing) => void
  part: NonNullable<WantedThing[K]>
}

export function RowEditor({
  thing,
  row,
  onChange,
}: Omit<PartProps<'row'>, 'part'> & { row: PartProps<'row'>['part'] }) {
  const { t } = useText()
  const set = (change: Partial<typeof row>) => onChange({ ...thing, row: { ...row, ...change } })
  return (
    <>
      <Grid templateColumns="repeat(3, minmax(0, 1fr))" gap="2">
        <NumberField
          label={t('ground.poles')}
          value={row.poles}
          least={1}
          most={12}
          isWhole
          onChange={(poles) => set({ poles })}
        />
        <NumberField
          label={t('ground.apart')}
          isLength
          value={row.apartM}
          placeholder={t('ground.asItSuits')}
          least={0.4}
          most={5}
          onClear={() => set({ apartM: null })}
          onChange={(apartM) => set({ apartM })}
        />
        <NumberField
          label={t('ground.poleLength')}
          isLength
          value={row.poleM}
          least={1}
          most={6}
          onChange={(poleM) => set({ poleM })}
        />
      </Grid>
      <Button look="key" aria-pressed={row.isRaised} onClick={() => set({ isRaised: !row.isRaised })}>
        {t('ground.raised')}
      </Button>
    </>
  )
}

export function FanEditor({
  thing,
  fan,
  onChange,
}: Omit<PartProps<'fan'>, 'part'> & { fan: PartProps<'fan'>['part'] }) {
  const { t } = useText()
  const set = (change: Partial<typeof fan>) => onChange({ ...thing, fan: { ...fan, ...change } })
  return (
    <Grid templateColumns="repeat(2, minmax(0, 1fr))" gap="2">
      <NumberField
        label={t('ground.poles')}
        value={fan.poles}
        least={2}
        most={12}
        isWhole
        onChange={(poles) => set({ poles })}
      />
      <NumberField
        label={t('ground.gap')}
        value={fan.gapDeg}
        placeholder={t('ground.asItSuits')}
        least={1}
        most={30}
        onClear={() => set({ gapDeg: null })}
        onChange={(gapDeg) => set({ gapDeg })}
      />
      <NumberField
        label={t('ground.fanMiddle')}
        isLength
        value={fan.middleM}
        least={3}
        most={30}
        onChange={(middleM) => set({ middleM })}
      />
      <NumberField
        label={t('ground.poleLength')}
        isLength
        value={fan.poleM}
        least={1}
        most={5}
        onChange={(poleM) => set({ poleM })}
      />
    </Grid>
  )
}

export function FencesEditor({
  thing,
  fences,
  usualM,
  onChange,
}: Omit<PartProps<'fences'>, 'part'> & { fences: PartProps<'fences'>['part']; usualM: number }) {
  const { t } = useText()
  const set = (change: Partial<typeof fences>) => onChange({ ...thing, fences: { ...fences, ...change } })
  const { distancesM } = fences
  return (
    <>
      <Grid templateColumns="repeat(auto-fit, minmax(110px, 1fr))" gap="2">
        <NumberField
          label={t('ground.fenceHeight')}
          isLength
          value={fences.fenceM}
          least={0}
          most={2}
          onChange={(fenceM) => set({ fenceM })}
        />
        <NumberField
          label={t('ground.fenceWidth')}
          isLength
          value={fences.widthM}
          least={1}
          most={6}
          onChange={(widthM) => set({ widthM })}
        />
        {distancesM.map((d, i) => (
          <NumberField
            key={i}
            label={t('ground.distance', { from: i + 1, to: i + 2 })}
            isLength
            value={d}
            least={2}
            most={60}
            onChange={(next) => set({ distancesM: distancesM.map((old, at) => (at === i ? next : old)) })}
          />
        ))}
      </Grid>
      <Flex gap="2" wrap="wrap">
        {distancesM.length < 7 && (
          <Button onClick={() => set({ distancesM: [...distancesM, distancesM.at(-1) ?? tidy(usualM)] })}>
            {t('ground.addFence')}
          </Button>
        )}
        {distancesM.length > 0 && (
          <Button onClick={() => set({ distancesM: distancesM.slice(0, -1) })}>
            {t('ground.lessFence')}
          </Button>
        )}
      </Flex>
    </>
  )
}
