import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { HorsePhoto, Photos } from '../api'
import { show, text } from '../page.testing'
import PhotosPage from './PhotosPage'

const photo = (sha256: string, takenOn: string, more: Partial<HorsePhoto> = {}): HorsePhoto => ({
  sha256,
  view: 'LEFT',
  takenOn,
  isPutAway: false,
  ...more,
})

const PHOTOS: Photos = {
  horse: 'Penny Black',
  today: '2026-11-28',
  photos: [
    photo('c', '2026-11-20'),
    photo('b', '2026-09-01'),
    photo('a', '2026-06-01'),
    photo('z', '2026-05-01', { isPutAway: true }),
    photo('f', '2026-11-20', { view: 'FRONT' }),
  ],
}

const path = '/api/v1/pairs/p/photos'

async function shown(photos: Photos) {
  const page = show(<PhotosPage />, {
    path: '/pairs/:id/photos',
    at: '/pairs/p/photos',
    answers: { [`GET ${path}`]: photos, [`PUT ${path}/b/away`]: photos },
  })
  await screen.findByText(text('photo.title', { horse: 'Penny Black' }))
  return page
}

test('the last photo lies over the first of the same side, and another one is chosen by a touch', async () => {
  await shown(PHOTOS)
  expect(screen.getByRole('slider', { name: text('photo.blend') })).toHaveValue('50')
  const over = () =>
    screen
      .getAllByRole('img')
      .slice(0, 2)
      .map((i) => i.getAttribute('src'))
  expect(over()).toEqual([`${path}/a`, `${path}/c`])
  await userEvent
    .setup()
    .click(screen.getAllByRole('button', { name: text('photo.compare') })[0] as HTMLElement)
  expect(over()).toEqual([`${path}/b`, `${path}/c`])
})

test('one photo is shown as it is; a side without one says how to take it', async () => {
  await shown(PHOTOS)
  const user = userEvent.setup()
  await user.click(screen.getByRole('button', { name: text('photo.view.FRONT') }))
  expect(screen.queryByRole('slider')).not.toBeInTheDocument()
  await user.click(screen.getByRole('button', { name: text('photo.view.ABOVE') }))
  expect(screen.getByText(text('photo.none'))).toBeInTheDocument()
})

test('a photo is put away, and where there is no camera a picture is chosen', async () => {
  const { sent } = await shown(PHOTOS)
  const user = userEvent.setup()
  await user.click(screen.getAllByRole('button', { name: text('photo.putAway') })[1] as HTMLElement)
  await waitFor(() => expect(sent(`PUT ${path}/b/away`)).toEqual([{ isPutAway: true }]))
  await user.click(screen.getByRole('button', { name: text('photo.again') }))
  expect(await screen.findByRole('alert')).toHaveTextContent(text('photo.noCamera'))
})
