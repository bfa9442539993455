import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import { useId } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import type { Tack, TackPiece } from '../api'
import { useText } from '../text'
import { Button, Field, FieldLabel, numberOrNull, Quiet, Select, textOrNull, Trouble, WarnBox } from '../ui'
import { OTHER, useTack } from './useTack'
import { bringsIn } from './brings'

interface PieceFormProps {
  pair: string
  tack: Tack
  id: string
  version: number
  piece: TackPiece
  onDone: () => void
}

/** A piece of tack: what it is and from when; cautions stand before the fields they are for. */
export function PieceForm({ pair, tack, id, version, piece, onDone }: PieceFormProps) {
  const { t } = useText()
  const made = useId()
  const { register, handleSubmit, control, setValue, getValues } = useForm<TackPiece>({
    defaultValues: piece,
  })
  const [kind, headgear] = useWatch({ control, name: ['kind', 'headgear'] })
  const change = useTack(pair, onDone)
  const isHeadgear = kind === 'HEADGEAR'
  const chosen = tack.headgears.find((h) => h.id === headgear)
  const words = tack.kinds.find((k) => k.kind === kind)
  const submit = handleSubmit((typed) =>
    change.mutate({ id, version, piece: whole(isHeadgear ? typed : { ...typed, ...NO_HEADGEAR }) }),
  )
  // what nobody named is called what it is
  const whole = (typed: TackPiece): TackPiece => ({
    ...typed,
    name: typed.name.trim() || (isHeadgear ? chosen?.name : undefined) || t(`tack.kind.${typed.kind}`),
  })
  const becomesHeadgear = () => {
    if (getValues('kind') === 'HEADGEAR' && !getValues('headgear'))
      setValue('headgear', tack.headgears[0]?.id ?? OTHER)
  }
  return (
    <chakra.form noValidate onSubmit={(e) => void submit(e)} display="grid" gap="3">
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="3">
        <Box>
          <FieldLabel htmlFor={`${made}-kind`}>{t('tack.what')}</FieldLabel>
          <Select id={`${made}-kind`} {...register('kind', { onChange: becomesHeadgear })}>
            {tack.kinds.map((k) => (
              <option key={k.kind} value={k.kind}>
                {t(`tack.kind.${k.kind}`)}
              </option>
            ))}
          </Select>
        </Box>
        {isHeadgear && (
          <Box>
            <FieldLabel htmlFor={`${made}-headgear`}>{t('tack.which')}</FieldLabel>
            <Select id={`${made}-headgear`} {...register('headgear')}>
              {[...tack.headgears, { id: OTHER, name: t('tack.otherHeadgear') }].map((h) => (
                <option key={h.id} value={h.id}>
                  {h.name}
                </option>
              ))}
            </Select>
          </Box>
        )}
        <Field label={t('tack.name')} hint={t('tack.nameHint')} maxLength={80} {...register('name')} />
      </Grid>
      {isHeadgear && chosen?.brings && headgear !== piece.headgear && (
        <WarnBox icon={<TriangleAlert size={22} aria-hidden />}>
          <div>
            <b>{bringsIn(t, chosen.brings)}</b>
            <p>{t('tack.milderFirst')}</p>
          </div>
        </WarnBox>
      )}
      {[words?.caution, isHeadgear ? chosen?.caution : null]
        .filter((c) => c !== null && c !== undefined)
        .map((caution) => (
          <WarnBox key={caution} icon={<TriangleAlert size={22} aria-hidden />}>
            <p>{caution}</p>
          </WarnBox>
        ))}
      {words && <Quiet>{t('tack.look', { look: words.look })}</Quiet>}
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, minmax(0, 1fr))' }} gap="3">
        {(['since', 'until', 'lookedAtOn'] as const).map((field) => (
          <Field
            key={field}
            type="date"
            label={t(`tack.${field}`)}
            {...register(field, { setValueAs: textOrNull })}
          />
        ))}
        {isHeadgear &&
          chosen?.lever &&
          (['aboveMm', 'belowMm', 'slackMm'] as const).map((field) => (
            <Field
              key={field}
              type="number"
              inputMode="numeric"
              label={t(`tack.${field}`)}
              {...register(field, { setValueAs: numberOrNull })}
            />
          ))}
      </Grid>
      <Field
        label={t('tack.firstHolds')}
        hint={t('tack.firstHoldsHint')}
        maxLength={400}
        {...register('firstHolds', { setValueAs: textOrNull })}
      />
      <Field label={t('tack.note')} maxLength={400} {...register('note', { setValueAs: textOrNull })} />
      {change.isError && <Trouble cause={change.error} />}
      <Flex gap="2">
        <Button type="submit" look="act" disabled={change.isPending}>
          {t('tack.save')}
        </Button>
        <Button onClick={onDone}>{t('tack.leave')}</Button>
      </Flex>
    </chakra.form>
  )
}

const NO_HEADGEAR = { headgear: null, aboveMm: null, belowMm: null, slackMm: null }
