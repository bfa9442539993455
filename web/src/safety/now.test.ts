import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, test } from 'vitest'
import type { Contact, HorseView, SafetyView } from '../api'
import { STOP_SIGNS } from '../record'
import { horsesNow, isMeant, toCall } from './now'
import type { HereSign } from './now'
import { endsWork, kindOf, OFFERED, pausesHomework } from './signs'
import { statusKey } from './words'

const free: SafetyView = { horses: [], contacts: [], serverMs: 0 }
const today = () => true
const long = () => false

function here(sign: HereSign['sign'], of: Partial<HereSign> = {}): HereSign {
  return { id: 's', pair: 'noor', horse: 'vesper', name: 'Vesper', sign, atMs: 1, ...of }
}

function known(of: Partial<HorseView>): SafetyView {
  const horse: HorseView = {
    horse: 'vesper',
    name: 'Vesper',
    pairs: ['noor', 'lindiwe'],
    isPaused: false,
    isDayOver: false,
    since: null,
    signs: [],
    mayHandWalk: false,
    limits: null,
    answers: [],
    ...of,
  }
  return { ...free, horses: [horse] }
}

describe('a sign seen here', () => {
  test('of pain pauses the horse at once, whatever the day', () => {
    expect(horsesNow(free, [here('FLINCHES')], long)[0]).toMatchObject({ name: 'Vesper', isPaused: true })
  })
  test('of behaviour, and a fall, end the day they are seen on', () => {
    expect(horsesNow(free, [here('BUCKS')], today)[0]).toMatchObject({ isPaused: false, isDayOver: true })
    expect(horsesNow(free, [here('FALL')], long)).toEqual([])
  })
  test('of the rider, or a fright, stops no horse', () => {
    expect(horsesNow(free, [here('RIDER_HURTS'), here('FRIGHT')], today)).toEqual([])
  })
  test('pauses a horse that was cleared within limits', () => {
    const limits = { fastest: 'WALK' as const, minutes: 20, until: null }
    const [now] = horsesNow(known({ limits }), [here('BLOOD')], today)
    expect(now?.isPaused).toBe(true)
    expect(now && statusKey(now)).toBe('PAUSED')
  })
  test('is not hand-walked, even if that was agreed for what was known', () => {
    const [before] = horsesNow(known({ isPaused: true, mayHandWalk: true }), [], today)
    expect(before && statusKey(before)).toBe('HAND_WALK')
    const [now] = horsesNow(known({ isPaused: true, mayHandWalk: true }), [here('BLOOD')], today)
    expect(now && statusKey(now)).toBe('PAUSED')
  })
  test('reaches every pair of the horse', () => {
    const [now] = horsesNow(known({ limits: null, isDayOver: true }), [here('SWELLING')], today)
    expect(now && isMeant(now, { pair: 'lindiwe' })).toBe(true)
    expect(now && isMeant(now, { horse: 'vesper' })).toBe(true)
    expect(now && isMeant(now, { horse: '', pair: 'imre' })).toBe(false)
  })
  test('is told of its own pair where an older application did not know the horse', () => {
    const [now] = horsesNow(free, [here('BLOOD', { horse: '' })], today)
    expect(now && isMeant(now, { horse: 'vesper', pair: 'noor' })).toBe(true)
    expect(now && isMeant(now, { horse: '', pair: 'imre' })).toBe(false)
  })
})

describe('the red key', () => {
  test('means by each sign what the server means', () => {
    const file = resolve(import.meta.dirname, '../../../examples/stop-signs.json')
    const here = STOP_SIGNS.map((sign) => ({
      sign,
      kind: kindOf(sign),
      endsWork: endsWork(sign),
      pausesHomework: pausesHomework(sign),
    }))
    expect(here).toEqual(JSON.parse(readFileSync(file, 'utf8')))
  })
  test('offers every stop sign but the look’s own word and the fright, which have their places', () => {
    const offered = OFFERED.flatMap((o) => o.signs)
    expect([...offered, 'PAIN_SIGNS', 'FRIGHT'].sort()).toEqual([...STOP_SIGNS].sort())
  })
  test('ends the work with all it offers', () => {
    expect(OFFERED.flatMap((o) => o.signs).every(endsWork)).toBe(true)
    expect(OFFERED.every((o) => o.signs.every((s) => kindOf(s) === o.kind))).toBe(true)
  })
})

describe('whom to call', () => {
  const number = (kind: Contact['kind'], horse: string | null): Contact => ({
    kind,
    horse,
    name: 'Saltmarsh vets',
    phone: '01632 960 144',
  })
  const all = [
    number('DOCTOR', null),
    number('VET', null),
    number('VET', 'vesper'),
    number('EMERGENCY', null),
  ]

  test('for pain the horse’s own vet comes before the yard’s, and no doctor', () => {
    expect(toCall(all, 'PAIN', 'vesper').map((c) => [c.kind, c.horse])).toEqual([
      ['VET', 'vesper'],
      ['VET', null],
    ])
  })
  test('for a person the emergency number comes first, and no vet', () => {
    expect(toCall(all, 'RIDER', 'vesper').map((c) => c.kind)).toEqual(['EMERGENCY', 'DOCTOR'])
  })
  test('another horse’s numbers are not its own', () => {
    expect(toCall(all, 'PAIN', 'tamarack')).toHaveLength(1)
  })
})
