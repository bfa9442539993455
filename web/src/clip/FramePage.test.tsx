import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { lesson, packet, show, text } from '../page.testing'
import { shelfOf } from '../store'
import ClipPage from './ClipPage'

const ridden = lesson()

/** A video of 640 by 360, shown twice as large with bars at its sides; jsdom plays and draws nothing. */
beforeEach(() => {
  Object.assign(URL, { createObjectURL: () => 'blob:film', revokeObjectURL: () => undefined })
  Object.assign(HTMLVideoElement.prototype, {
    requestVideoFrameCallback: () => 1,
    cancelVideoFrameCallback: () => undefined,
  })
  Object.assign(Element.prototype, { setPointerCapture: () => undefined })
  vi.spyOn(HTMLMediaElement.prototype, 'pause').mockReturnValue(undefined)
  vi.spyOn(HTMLMediaElement.prototype, 'load').mockReturnValue(undefined)
  vi.spyOn(HTMLMediaElement.prototype, 'duration', 'get').mockReturnValue(31)
  vi.spyOn(HTMLVideoElement.prototype, 'videoWidth', 'get').mockReturnValue(640)
  vi.spyOn(HTMLVideoElement.prototype, 'videoHeight', 'get').mockReturnValue(360)
  vi.spyOn(HTMLMediaElement.prototype, 'src', 'set').mockImplementation(function (this: HTMLMediaElement) {
    queueMicrotask(() => this.dispatchEvent(new Event('loadedmetadata')))
  })
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, 1480, 720))
  vi.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue({ drawImage: () => undefined } as never)
  vi.spyOn(HTMLCanvasElement.prototype, 'toBlob').mockImplementation((done) =>
    done(new Blob(['frame'], { type: 'image/jpeg' })),
  )
})

afterEach(() => vi.restoreAllMocks())

async function open(more: object = {}) {
  const shown = show(<ClipPage />, {
    path: '/lessons/:id/clip',
    at: `/lessons/${ridden.id}/clip`,
    answers: { [`GET /api/v1/lessons/${ridden.id}/packet`]: { ...packet(ridden), ...more } },
  })
  await screen.findByRole('heading', { name: text('clip.title', { horse: ridden.horse }) })
  const user = userEvent.setup()
  await user.upload(
    screen.getByLabelText(text('clip.choose')),
    new File(['x'], 'mine.mp4', { type: 'video/mp4' }),
  )
  const shelf = shelfOf(shown.me.person)
  const said = async (kind: string) => (await shelf.entries.toArray()).filter((e) => e.kind === kind)
  return { user, shelf, said }
}

const stage = () => document.querySelector('[data-stage]') ?? document.body

/** Touches the picture there, in the pixels of its frame: it is shown twice as large, 100 from the left. */
function touch(x: number, y: number) {
  const where = { clientX: 100 + 2 * x, clientY: 2 * y, pointerId: 1, pointerType: 'mouse' }
  fireEvent.pointerDown(stage(), where)
  fireEvent.pointerUp(stage(), where)
}

const name = (place: Parameters<typeof text>[0]) => text('frame.point', { name: text(place) })

test('ears to withers: two touches, a known length, and the entry with its still', async () => {
  const { user, shelf, said } = await open()
  await user.click(await screen.findByRole('button', { name: text('frame.key') }))
  expect(screen.getByText(new RegExp(text('frame.place.withers')))).toBeVisible()
  touch(300, 150)
  touch(250, 112)
  expect(screen.getByText(/Up from the withers by 37° ± 3°/)).toBeVisible()
  await user.click(screen.getByRole('button', { name: text('frame.scale') }))
  touch(310, 150)
  touch(310, 350)
  await user.type(screen.getByLabelText(text('frame.lengthM')), '200')
  expect(screen.getByText(text('frame.lengthWrong'))).toBeVisible()
  await user.clear(screen.getByLabelText(text('frame.lengthM')))
  await user.type(screen.getByLabelText(text('frame.lengthM')), '1.6')
  expect(screen.getByText(/Ears 30 cm ± 2 cm above the withers/)).toBeVisible()
  await user.type(screen.getByLabelText(text('frame.of')), 'After the half-halt')
  await user.click(screen.getByRole('button', { name: text('frame.keep') }))
  expect(await screen.findByText('After the half-halt')).toBeVisible()
  const [entry] = await said('frame_measure')
  expect(entry?.payload).toMatchObject({
    at: { ms: 0 },
    shape: 'EARS',
    width: 640,
    height: 360,
    points: [
      { x: 300, y: 150 },
      { x: 250, y: 112 },
    ],
    withinPx: 2,
    scale: { from: { x: 310, y: 150 }, to: { x: 310, y: 350 }, lengthMm: 1600 },
    of: 'After the half-halt',
  })
  expect((await shelf.stills.toArray()).map((s) => [s.sha256, s.type, s.passage])).toEqual([
    [entry?.payload.still, 'image/jpeg', 'waiting'],
  ])
})

test('by keys alone: a point in the middle, moved by the arrows; the frame does not move', async () => {
  const { user } = await open()
  await user.click(await screen.findByRole('button', { name: text('frame.key') }))
  await user.click(screen.getByRole('button', { name: text('frameShape.LINE') }))
  await user.click(screen.getByRole('button', { name: text('frame.middle') }))
  const first = screen.getByRole('button', { name: name('frame.place.lineFrom') })
  first.focus()
  for (let i = 0; i < 10; i++) await user.keyboard('{Shift>}{ArrowLeft}{/Shift}')
  await user.click(screen.getByRole('button', { name: text('frame.middle') }))
  expect(await screen.findByText(/^Level, as far as the points can tell/)).toBeVisible()
  expect(screen.getByRole('button', { name: text('frame.middle') })).toBeDisabled()
  screen.getByRole('button', { name: name('frame.place.lineTo') }).focus()
  for (let i = 0; i < 5; i++) await user.keyboard('{Shift>}{ArrowUp}{/Shift}')
  expect(await screen.findByText(/^27° ± 1°, the right end up/)).toBeVisible()
  expect(document.querySelector('[data-moment]')?.textContent).toBe('0:00.0')
  await user.click(screen.getByRole('button', { name: text('clip.undo') }))
  expect(screen.queryByText(/the right end up/)).toBeNull()
})

test('a drag is no touch, and points stand on their own frame', async () => {
  const { user } = await open()
  await user.click(await screen.findByRole('button', { name: text('frame.key') }))
  fireEvent.pointerDown(stage(), { clientX: 300, clientY: 300, pointerId: 1 })
  fireEvent.pointerMove(stage(), { clientX: 340, clientY: 300, pointerId: 1 })
  fireEvent.pointerUp(stage(), { clientX: 340, clientY: 300, pointerId: 1 })
  expect(screen.queryByRole('button', { name: name('frame.place.withers') })).toBeNull()
  touch(300, 150)
  fireEvent.change(screen.getByLabelText(text('clip.where')), { target: { value: 4000 } })
  expect(await screen.findByText(text('frame.elsewhere', { at: '0:00.0' }))).toBeVisible()
  touch(200, 150)
  expect(screen.queryByRole('button', { name: name('frame.place.withers') })).toBeNull()
  await user.click(screen.getByRole('button', { name: text('frame.backThere') }))
  expect(await screen.findByRole('button', { name: name('frame.place.withers') })).toBeVisible()
  expect(screen.queryByRole('button', { name: name('frame.place.ears') })).toBeNull()
})

test('a comment with a drawing stands on the frame that was drawn on, with its picture', async () => {
  const { user, shelf, said } = await open()
  await user.click(await screen.findByRole('button', { name: text('drawing.draw') }))
  const over = screen.getByLabelText(text('drawing.over'))
  fireEvent.pointerDown(over, { clientX: 100, clientY: 0, pointerId: 1 })
  for (const x of [140, 141, 180]) fireEvent.pointerMove(over, { clientX: x, clientY: 40, pointerId: 1 })
  fireEvent.pointerUp(over, { clientX: 180, clientY: 40, pointerId: 1 })
  fireEvent.change(screen.getByLabelText(text('clip.where')), { target: { value: 4000 } })
  await user.type(screen.getByLabelText(text('clip.sayAt', { at: '0:00.0' })), 'This line.')
  await user.click(screen.getByRole('button', { name: text('clip.say') }))
  await waitFor(async () => expect(await said('comment')).toHaveLength(1))
  const [comment] = await said('comment')
  expect(comment?.payload).toMatchObject({
    at: { ms: 0 },
    text: 'This line.',
    drawing: {
      width: 640,
      height: 360,
      strokes: [
        {
          points: [
            { x: 0, y: 0 },
            { x: 20, y: 20 },
            { x: 40, y: 20 },
          ],
        },
      ],
    },
  })
  expect(await shelf.stills.count()).toBe(1)
})

test('where no guardian has allowed it no picture is kept, and it says so', async () => {
  const { user, shelf, said } = await open({ mayKeepStills: false })
  expect(await screen.findByText(text('drawing.noStills'))).toBeVisible()
  await user.type(screen.getByLabelText(text('clip.sayAt', { at: '0:00.0' })), 'Heel down.')
  await user.click(screen.getByRole('button', { name: text('clip.say') }))
  await waitFor(async () => expect(await said('comment')).toHaveLength(1))
  expect((await said('comment'))[0]?.payload).not.toHaveProperty('still')
  expect(await shelf.stills.count()).toBe(0)
})

test('what cannot be told from here is said, and asked to be filmed again', async () => {
  const { user, said } = await open()
  await user.click(await screen.findByText(text('film.ask')))
  await user.click(screen.getByRole('button', { name: text('film.cannotTell') }))
  await user.click(screen.getByRole('button', { name: text('shot.BEHIND') }))
  await user.click(screen.getByRole('button', { name: text('shot.FRONT') }))
  await user.click(screen.getByRole('button', { name: text('shot.FRONT') }))
  await user.click(screen.getByRole('button', { name: text('clip.say') }))
  expect(await screen.findByText(/Please film it again: from behind, going straight away\./)).toBeVisible()
  expect((await said('comment'))[0]?.payload).toMatchObject({
    text: text('film.cannotTellSaid'),
    cannotTell: true,
    film: [{ shot: 'BEHIND' }],
  })
})

test('a comment from the keys: C stops the clip and writes, Enter adds it, and the clip goes on', async () => {
  const { user, said } = await open()
  await screen.findByRole('button', { name: text('clip.play') })
  let isPaused = true
  vi.spyOn(HTMLMediaElement.prototype, 'paused', 'get').mockImplementation(() => isPaused)
  const tell = (video: HTMLMediaElement, paused: boolean) => {
    isPaused = paused
    video.dispatchEvent(new Event(paused ? 'pause' : 'play'))
  }
  vi.spyOn(HTMLMediaElement.prototype, 'play').mockImplementation(function (this: HTMLMediaElement) {
    tell(this, false)
    return Promise.resolve()
  })
  vi.spyOn(HTMLMediaElement.prototype, 'pause').mockImplementation(function (this: HTMLMediaElement) {
    tell(this, true)
  })
  await user.click(screen.getByRole('button', { name: text('clip.play') }))
  await user.click(document.body)
  await user.keyboard('c')
  expect(screen.getByLabelText(text('clip.sayAt', { at: '0:00.0' }))).toHaveFocus()
  expect(isPaused).toBe(true)
  await user.keyboard('Heel down.{Enter}')
  await waitFor(async () => expect(await said('comment')).toHaveLength(1))
  await waitFor(() => expect(isPaused).toBe(false))
  expect(document.activeElement).toBe(document.body)
})
