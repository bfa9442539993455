import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { assignment, lesson, packet, show, text } from '../page.testing'
import type { Given } from '../page.testing'
import { append, shelfOf } from '../store'
import type { NewEntry } from '../store'
import ClipPage from './ClipPage'

/** What a browser would find in a file; jsdom plays nothing. */
interface Film {
  name: string
  content: string
  seconds: number
}

const ridden = lesson()
const MINE: Film = { name: 'mine.mp4', content: 'the long side', seconds: 31 }
let found: Film | null = null

beforeEach(() => {
  found = null
  Object.assign(URL, { createObjectURL: () => 'blob:film', revokeObjectURL: () => undefined })
  Object.assign(HTMLVideoElement.prototype, {
    requestVideoFrameCallback: () => 1,
    cancelVideoFrameCallback: () => undefined,
  })
  vi.spyOn(HTMLMediaElement.prototype, 'pause').mockReturnValue(undefined)
  vi.spyOn(HTMLMediaElement.prototype, 'load').mockReturnValue(undefined)
  vi.spyOn(HTMLMediaElement.prototype, 'duration', 'get').mockImplementation(() => found?.seconds ?? NaN)
  vi.spyOn(HTMLVideoElement.prototype, 'videoWidth', 'get').mockReturnValue(640)
  vi.spyOn(HTMLMediaElement.prototype, 'src', 'set').mockImplementation(function (this: HTMLMediaElement) {
    queueMicrotask(() => this.dispatchEvent(new Event(found ? 'loadedmetadata' : 'error')))
  })
})

afterEach(() => vi.restoreAllMocks())

async function open(more: Partial<Given> = {}) {
  const shown = show(<ClipPage />, {
    path: '/lessons/:id/clip',
    at: `/lessons/${ridden.id}/clip`,
    me: more.me,
    answers: { [`GET /api/v1/lessons/${ridden.id}/packet`]: packet(ridden), ...more.answers },
  })
  await screen.findByRole('heading', { name: text('clip.title', { horse: ridden.horse }) })
  const user = userEvent.setup()
  const choose = async (label: string, film: Film | null) => {
    found = film
    const { name, content } = film ?? MINE
    await user.upload(screen.getByLabelText(label), new File([content], name, { type: 'video/mp4' }))
  }
  const kept = async () =>
    (await shelfOf(shown.me.person).entries.toArray())
      .filter((e) => e.kind !== 'clock')
      .map(({ kind, payload }) => ({ kind, payload }))
  return { ...shown, user, choose, kept }
}

test('a video is named in the lesson once, and what is said of it hangs on it', async () => {
  const { user, choose, kept } = await open()
  await choose(text('clip.choose'), MINE)
  await user.type(
    await screen.findByLabelText(text('clip.sayAt', { at: '0:00.0' })),
    'The outside rein slips here.',
  )
  await user.click(screen.getByRole('button', { name: text('clip.say') }))
  expect(await screen.findByText('The outside rein slips here.')).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('clip.close') }))
  await choose(text('clip.findOf', { name: 'mine.mp4' }), { ...MINE, name: 'VID-0815.mp4' })
  await screen.findByRole('button', { name: text('clip.close') })
  const [base, comment, ...others] = await kept()
  expect(base?.payload).toMatchObject({
    source: 'CLIP',
    clip: { fileName: 'mine.mp4', bytes: MINE.content.length, durationMs: 31_000 },
  })
  expect(comment?.payload).toMatchObject({ at: { ms: 0 }, text: 'The outside rein slips here.' })
  expect(others).toEqual([])
})

test('landings are marked by keys, taken back, kept on the device until they are kept with the lesson', async () => {
  const { user, choose, kept } = await open()
  await choose(text('clip.choose'), MINE)
  const slider = await screen.findByLabelText(text('clip.where'))
  for (let i = 0; i < 4; i++) {
    fireEvent.change(slider, { target: { value: 1000 * i } })
    await user.keyboard('d')
    fireEvent.change(slider, { target: { value: 1000 * i + 60 } })
    await user.keyboard('e')
  }
  expect(await screen.findByText(text('clip.order.LATERAL'))).toBeVisible()
  await user.keyboard('{Backspace}')
  expect(screen.queryByText(text('clip.order.LATERAL'))).toBeNull()
  await user.keyboard('e')
  expect(screen.getByText(text('clip.order.LATERAL'))).toBeVisible()
  // the same foot on the same frame again: it did not land there
  await user.keyboard('rr')
  await user.click(screen.getByRole('button', { name: text('clip.close') }))
  await choose(text('clip.findOf', { name: 'mine.mp4' }), MINE)
  await user.click(await screen.findByRole('button', { name: text('clip.keep') }))
  await waitFor(async () => expect((await kept()).map((e) => e.kind)).toEqual(['time_base', 'footfalls']))
  const payload = (await kept())[1]?.payload as { frameMs: number; landings: { foot: string; ms: number }[] }
  expect(payload.frameMs).toBe(34)
  expect(payload.landings.map(({ foot, ms }) => `${foot} ${String(ms)}`)).toEqual(
    [0, 1000, 2000, 3000].flatMap((ms) => [`LEFT_HIND ${String(ms)}`, `LEFT_FORE ${String(ms + 60)}`]),
  )
})

test('a file that cannot be played says why, and a wrong one how long it is', async () => {
  const { choose } = await open()
  await choose(text('clip.choose'), null)
  expect(await screen.findByRole('alert')).toHaveTextContent(
    text('clip.notOpened.UNPLAYABLE', { name: 'mine.mp4' }),
  )
  await choose(text('clip.choose'), MINE)
  await userEvent.click(await screen.findByRole('button', { name: text('clip.close') }))
  await choose(text('clip.findOf', { name: 'mine.mp4' }), {
    name: 'other.mp4',
    content: 'another',
    seconds: 12,
  })
  expect(await screen.findByRole('alert')).toHaveTextContent('other.mp4 is 0:12 long, and mine.mp4 0:31')
})

test('a copy as long as the clip is asked about, and opens from then on', async () => {
  const { user, choose, kept } = await open()
  await choose(text('clip.choose'), MINE)
  await user.click(await screen.findByRole('button', { name: text('clip.close') }))
  await choose(text('clip.findOf', { name: 'mine.mp4' }), {
    name: 'small.mp4',
    content: 'smaller',
    seconds: 31.15,
  })
  await user.click(await screen.findByRole('button', { name: text('clip.isSame') }))
  await user.click(await screen.findByRole('button', { name: text('clip.close') }))
  const [, copy] = await kept()
  expect(copy?.payload).toMatchObject({
    clip: { fileName: 'small.mp4' },
    copyOf: expect.any(String) as string,
  })
  await choose(text('clip.findOf', { name: 'mine.mp4' }), {
    name: 'small.mp4',
    content: 'smaller',
    seconds: 31.15,
  })
  expect(await screen.findByRole('button', { name: text('clip.close') })).toBeVisible()
})

/** On the frame at so many milliseconds. */
function at(ms: number) {
  fireEvent.change(screen.getByLabelText(text('clip.where')), { target: { value: ms } })
}

/** A minute of shoulder-in, ridden an hour ago, with one answer half a minute into it; the answer's id. */
async function touchedIn(person: string): Promise<string> {
  const begunMs = Date.now() - 3_600_000
  const clock = vi.spyOn(Date, 'now')
  const tell = async (afterS: number, said: NewEntry) => {
    clock.mockReturnValue(begunMs + 1000 * afterS)
    return (await append(shelfOf(person), ridden.id, person, said)).id
  }
  try {
    await tell(0, { kind: 'lesson_started', payload: {} })
    const figure = {
      exercise: 'shoulder-in',
      gait: 'WALK',
      place: 'RAIL',
      rein: 'LEFT',
      mounted: 'RIDER',
    } as const
    const segment = await tell(1, { kind: 'segment', payload: figure })
    const ask = await tell(30, { kind: 'exchange', payload: { segment, strength: 2, response: 'YES' } })
    await tell(60, { kind: 'lesson_ended', payload: {} })
    return ask
  } finally {
    clock.mockRestore()
  }
}

async function onThePad(opened?: Awaited<ReturnType<typeof open>>) {
  opened ??= await open()
  await opened.choose(text('clip.choose'), MINE)
  await opened.user.click(await screen.findByRole('button', { name: text('clip.padKey') }))
  return opened
}

test('a lesson nobody touched is ridden on the clip: an ask by keys, each moment on its frame', async () => {
  const { user, kept } = await onThePad()
  await user.click(await screen.findByRole('button', { name: text('clip.link.begin') }))
  await screen.findByRole('button', { name: text('clip.pad.askedMs') })
  expect(screen.getByText(text('clip.pad.none'))).toBeVisible()
  at(4000)
  await user.keyboard('i')
  at(5000)
  await user.keyboard('k')
  at(5600)
  await user.keyboard('2y')
  await screen.findByRole('button', { name: /Yes, 2 light/, pressed: true })
  at(5500)
  await user.keyboard('g')
  expect(await screen.findByText(text('clip.pad.tooEarly'))).toBeVisible()
  at(6000)
  await user.keyboard('g')
  const one = (key: Parameters<typeof text>[0], middle: string) => text(key, { count: 1, middle })
  expect(await screen.findByText(one('clip.timing.releases', '0.4'))).toBeVisible()
  expect(screen.getByText(one('clip.timing.waits', '1.0'))).toBeVisible()
  expect(screen.getByText(one('clip.timing.answers', '1.6'))).toBeVisible()
  expect(screen.getByText(text('clip.timing.prompt', { some: 1, count: 1, within: '1.0' }))).toBeVisible()
  const said = await kept()
  const base = (said.find((e) => e.kind === 'lesson_started')?.payload.when as { base: string }).base
  const moment = (ms: number) => ({ base, ms })
  expect(said.map((e) => e.kind)).toEqual([
    'time_base',
    'amend',
    'lesson_started',
    'segment',
    'lesson_ended',
    'exchange',
    'release',
  ])
  expect(said.find((e) => e.kind === 'exchange')?.payload).toMatchObject({
    strength: 2,
    response: 'YES',
    asked: moment(4000),
    reinforced: moment(5000),
    when: moment(5600),
  })
  expect(said.at(-1)?.payload).toMatchObject({ release: 'PROMPT', when: moment(6000) })
})

test('an error and its correction; the next correction has no error of its own', async () => {
  const { user, kept } = await onThePad()
  await user.click(await screen.findByRole('button', { name: text('clip.link.begin') }))
  await screen.findByRole('button', { name: text('clip.pad.errorMs') })
  at(10_000)
  await user.keyboard('e')
  at(11_500)
  await user.keyboard('c')
  expect(await screen.findByText(text('clip.timing.toCorrect', { count: 1, middle: '1.5' }))).toBeVisible()
  at(20_000)
  await user.keyboard('c')
  await waitFor(async () =>
    expect((await kept()).filter((e) => e.kind === 'correction').map((e) => 'error' in e.payload)).toEqual([
      true,
      false,
    ]),
  )
})

test('a rest begins on its frame, and the work goes on on another', async () => {
  const { user, kept } = await onThePad()
  await user.click(await screen.findByRole('button', { name: text('clip.link.begin') }))
  at(10_000)
  await user.click(await screen.findByRole('button', { name: text('see.letPass') }))
  await user.click(screen.getByRole('button', { name: text('ride.rest') }))
  const goOn = () => screen.findByRole('button', { name: new RegExp(`^${text('clip.pad.goOn')}`) })
  await goOn()
  at(9000)
  await screen.findByRole('button', { name: text('ride.rest') })
  at(14_000)
  expect(await screen.findByText(text('clip.pad.rests'))).toBeVisible()
  await user.click(await goOn())
  await screen.findByRole('button', { name: text('ride.rest') })
  at(10_500)
  await user.click(await screen.findByRole('button', { name: text('clip.pad.noRest') }))
  await screen.findByRole('button', { name: text('ride.rest') })
  const said = await kept()
  expect(said.filter((e) => e.kind === 'void')).toHaveLength(1)
  const [first, second] = said.filter((e) => e.kind === 'segment')
  expect(second?.payload).toMatchObject({ when: { ms: 14_000 } })
  expect({ ...second?.payload, when: null }).toEqual({ ...first?.payload, when: null })
  expect(said.find((e) => e.kind === 'rest')?.payload).toMatchObject({ when: { ms: 10_000 } })
  expect(said.find((e) => e.kind === 'correction')?.payload).toMatchObject({ made: false })
})

test('a touch made while riding is given its frame, and counted once', async () => {
  const opened = await open()
  const ask = await touchedIn(opened.me.person)
  const { user, kept } = await onThePad(opened)
  const touch = await screen.findByLabelText(text('clip.link.touch'))
  at(8000)
  await user.selectOptions(touch, [ask])
  await user.click(screen.getByRole('button', { name: text('clip.link.here', { at: '0:08.0' }) }))
  // it lies where its frame was, and has no moments of its own yet
  await user.click(await screen.findByRole('button', { name: /0:08\.0.*about here/ }))
  at(6900)
  await user.keyboard('i')
  at(7900)
  await user.keyboard('h')
  expect(await screen.findByText(text('clip.timing.answers', { count: 1, middle: '1.0' }))).toBeVisible()
  const said = await kept()
  expect(said.filter((e) => e.kind === 'exchange')).toHaveLength(1)
  expect(said.at(-1)).toMatchObject({
    kind: 'amend',
    payload: { target: ask, payload: { response: 'YES', strength: 2, when: { ms: 7900 } } },
  })
})

const WORDS = `/api/v1/lessons/${ridden.id}/words`
const homework = (isOnVideo: boolean) => ({
  lesson: ridden,
  isOnVideo,
  drafts: [],
  notAlone: [],
  running: [assignment({ lookIn: 'DUE', pair: ridden.pair })],
  mostRunning: 3,
  own: [],
  programmes: [],
})

async function commented(isOnVideo: boolean) {
  const shown = await open({
    me: { actions: ['RECORD', 'SEE_PAIRS', 'DECIDE', 'LOOK_IN', 'SAY_WORD'] },
    answers: {
      [`GET /api/v1/lessons/${ridden.id}/homework`]: homework(isOnVideo),
      [`GET ${WORDS}`]: { isShown: false, readings: [], words: [] },
      'POST /api/v1/assignments/a/look-ins': assignment(),
    },
  })
  await shown.choose(text('clip.choose'), MINE)
  await shown.user.type(await screen.findByLabelText(text('clip.sayAt', { at: '0:00.0' })), 'Heel down.')
  await shown.user.click(screen.getByRole('button', { name: text('clip.say') }))
  const key = await screen.findByRole('button', { name: text('answer.show', { rider: ridden.rider }) })
  await screen.findByLabelText(text('inbox.sentence'))
  return { ...shown, key }
}

test('a video that came unasked is answered in one card, and is held as it is shown', async () => {
  const { user, key, kept, sent } = await commented(true)
  await user.type(screen.getByLabelText(text('inbox.sentence')), 'Keep it short.')
  await user.click(screen.getByRole('button', { name: new RegExp(text('verdict.CARRY_ON')) }))
  await waitFor(() => expect(sent('POST /api/v1/assignments/a/look-ins')).toHaveLength(1))
  expect(sent('POST /api/v1/assignments/a/look-ins')[0]).toMatchObject({
    verdict: 'CARRY_ON',
    sentence: 'Keep it short.',
  })
  await user.click(key)
  await waitFor(async () =>
    expect((await kept()).map((e) => e.kind)).toEqual([
      'time_base',
      'comment',
      'lesson_started',
      'lesson_ended',
      'for_rider',
    ]),
  )
  expect((await kept()).at(-1)?.payload).toEqual({ homework: true, clips: true })
})

test('a lesson that is still to be ridden is not begun by showing what was said', async () => {
  const { user, key, kept } = await commented(false)
  await user.click(key)
  expect(await screen.findByText(text('answer.shownLater', { rider: ridden.rider }))).toBeVisible()
  expect((await kept()).map((e) => e.kind)).toEqual(['time_base', 'comment', 'for_rider'])
})
