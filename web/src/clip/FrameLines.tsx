import { chakra } from '@chakra-ui/react'
import { steady, useText } from '../text'
import { useLength } from '../ui'
import { isLength } from './frames'
import type { FrameValue } from './frames'

/** What a frame tells, each with how far setting the points may be off. */
export function FrameLines({ tells }: { tells: readonly FrameValue[] }) {
  const { t } = useText()
  const length = useLength()
  const sizeOf = ({ of, value, half }: FrameValue) => {
    const [size, off] = [Math.abs(value), half]
    if (!isLength(of)) {
      // no finer than it is known
      const places = off < 0.5 ? 1 : 0
      return t('frame.degrees', { value: steady(size, places), half: steady(atLeast(off, places), places) })
    }
    const digits = size < 1 ? 'cm' : 2
    return t('frame.length', { value: length(size, digits), half: length(Math.max(off, 0.01), 'cm') })
  }
  // the rider's seat: what leans has its angle at the hip
  const isSeat = tells.some((told) => told.of === 'LEAN')
  const say = (told: FrameValue) => {
    const size = sizeOf(told)
    if (told.of === 'ANGLE' && isSeat) return t('frame.tells.HIP', { size })
    return told.of === 'LENGTH' || told.of === 'ANGLE'
      ? t(`frame.tells.${told.of}`, { size })
      : t(`frame.tells.${told.of}.${wayOf(told)}`, { size })
  }
  return (
    <chakra.ul listStyleType="none" data-frame-lines>
      {tells.map((told) => (
        <chakra.li key={told.of} fontVariantNumeric="tabular-nums">
          {say(told)}
        </chakra.li>
      ))}
    </chakra.ul>
  )
}

/** Which way it goes; even where setting the points cannot tell. */
function wayOf({ value, half }: FrameValue) {
  if (Math.abs(value) <= half) return 'even'
  return value > 0 ? 'above' : 'below'
}

/** An error is never rounded to nothing. */
const atLeast = (half: number, places: number) => Math.max(half, 10 ** -places)
