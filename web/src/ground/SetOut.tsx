import { Box, chakra, Flex } from '@chakra-ui/react'
import { Check } from 'lucide-react'
import type { SpotOnGround } from '../api'
import { useText } from '../text'
import { Card, CardTitle, Quiet, useLength } from '../ui'
import { stands, tickOf } from './draft'
import type { Draft } from './draft'
import { placeName, whichOf } from './tapesOf'

interface SetOutProps {
  sheet: Draft['sheet']
  ticks: Draft['ticks']
  nameOf: (thing: string) => string
  /** The tapes of what was moved since are not those that are shown. */
  isUnchecked: boolean
  onTick: (ticks: Draft['ticks']) => void
}

/** In the sand, phone in one hand, tape in the other: each cone, pole end and foot by two tapes, to be ticked off. */
export function SetOut({ sheet, ticks, nameOf, isUnchecked, onTick }: SetOutProps) {
  const { t } = useText()
  const all = sheet.flatMap(({ thing, spots }) => spots.map((spot) => ({ thing, spot })))
  const done = all.filter(({ thing, spot }) => stands(ticks[tickOf(thing, spot)], spot) === 'SET').length
  if (all.length === 0) return null
  const press = (key: string, spot: SpotOnGround, isSet: boolean) => {
    const others = Object.fromEntries(Object.entries(ticks).filter(([k]) => k !== key))
    onTick(isSet ? others : { ...others, [key]: { x: spot.x, y: spot.y } })
  }
  return (
    <Card>
      <Flex align="baseline" justify="space-between" gap="3" wrap="wrap">
        <CardTitle>{t('ground.setOut')}</CardTitle>
        <chakra.b fontVariantNumeric="tabular-nums">{t('ground.done', { done, of: all.length })}</chakra.b>
      </Flex>
      <Quiet>{t(isUnchecked ? 'ground.unchecked' : 'ground.setOutHow')}</Quiet>
      {sheet
        .filter((s) => s.spots.length > 0)
        .map(({ thing, spots }) => (
          <Box key={thing} marginTop="3">
            <chakra.h3 fontWeight="720" fontSize="md" marginBottom="1">
              {nameOf(thing)}
            </chakra.h3>
            <chakra.ul listStyleType="none" display="grid" gap="1">
              {spots.map((spot) => {
                const key = tickOf(thing, spot)
                const state = stands(ticks[key], spot)
                return (
                  <li key={key}>
                    <SpotKey
                      type="button"
                      role="checkbox"
                      aria-checked={state === 'SET'}
                      onClick={() => press(key, spot, state === 'SET')}
                    >
                      <chakra.span
                        width="26px"
                        height="26px"
                        flexShrink={0}
                        borderRadius="6px"
                        borderWidth="2px"
                        borderColor="ink"
                        background={state === 'SET' ? 'ink' : 'transparent'}
                        color="ground"
                        display="grid"
                        placeItems="center"
                      >
                        {state === 'SET' && <Check size={18} aria-hidden />}
                      </chakra.span>
                      <chakra.span flex="1">
                        <chakra.span display="block">
                          {t(`ground.spot.${spot.kind}`, { number: spot.number })}
                          {state === 'MOVED' && (
                            <chakra.b color="warn" marginLeft="2">
                              {t('ground.moved')}
                            </chakra.b>
                          )}
                        </chakra.span>
                        <Tapes spot={spot} />
                      </chakra.span>
                    </SpotKey>
                  </li>
                )
              })}
            </chakra.ul>
          </Box>
        ))}
    </Card>
  )
}

function Tapes({ spot }: { spot: SpotOnGround }) {
  const { t } = useText()
  const len = useLength()
  if (spot.tapes.length === 0) return <Quiet>{t('ground.noTapes', { x: len(spot.x), y: len(spot.y) })}</Quiet>
  return (
    <chakra.span display="block" fontSize="lg" fontVariantNumeric="tabular-nums" lineHeight="1.35">
      {spot.tapes.map((tape) => (
        <chakra.span key={tape.from} display="inline-block" marginRight="5">
          <b>{placeName(t, tape.from)}</b> {len(tape.metres)}{' '}
          <chakra.span color="quiet" fontSize="sm">
            {t('ground.paces', { count: tape.paces, paces: tape.paces.toFixed(1) })}
          </chakra.span>
        </chakra.span>
      ))}
      {spot.which && (
        <chakra.span display="block" fontSize="sm">
          {whichOf(t, spot.which)}
        </chakra.span>
      )}
    </chakra.span>
  )
}

const SpotKey = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    width: 'full',
    minHeight: 'touch',
    padding: '2',
    textAlign: 'left',
    borderRadius: 'key',
    borderWidth: '1px',
    borderColor: 'line',
    cursor: 'pointer',
    touchAction: 'manipulation',
    '&[aria-checked=true]': { background: 'sunken' },
  },
})
