import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { v7 } from 'uuid'
import { afterEach, expect, test, vi } from 'vitest'
import { show, text } from '../page.testing'
import { shelfOf } from '../store'
import { liveReins } from './live'
import { SensorPanel } from './SensorPanel'
import { SensorStrip } from './SensorStrip'
import { ToldSensor } from './toldSensor.testing'

const BAND = { lowKg: 2, highKg: 4.5 }
const OF = { lesson: 'here', offsetMs: 0, band: BAND, onEnded: () => undefined }

afterEach(() => act(() => liveReins.stop()))

const connect = (sensor: ToldSensor, lesson = OF.lesson) =>
  act(() => liveReins.connect(sensor, { ...OF, lesson, shelf: shelfOf(v7()) }))

test('it goes step by step, and says what is to be done at each', async () => {
  const sensor = new ToldSensor()
  show(<SensorPanel {...OF} />)
  expect(screen.getByRole('status')).toHaveTextContent(text('sensor.step.OFF'))
  await connect(sensor)
  expect(screen.getByText(text('sensor.hanging'))).toBeInTheDocument()
  await userEvent.click(screen.getByText(text('sensor.zero')))
  expect(sensor.isZeroed).toBe(true)
  expect(await screen.findByText(text('sensor.pull'))).toBeInTheDocument()
  expect(screen.queryByText(text('sensor.pretend')), 'a real rein is pulled by hand').not.toBeInTheDocument()
  act(() => {
    sensor.says(1, 0, 0)
    sensor.says(1, 2.4, 0)
    sensor.says(3, 3, 5.25)
  })
  expect(screen.getByText(text('sensor.band', { low: '2', high: '4.5' }))).toBeInTheDocument()
  await vi.waitFor(() =>
    expect(screen.getByText(text('sensor.rein.right')).parentElement).toHaveTextContent(/5\.3|5\.2/),
  )
  act(() => sensor.says(2, 3, 5.25))
  expect(screen.getByText(text('sensor.heavy'))).toBeInTheDocument()
  act(() => sensor.hear({ is: 'STATE', batteryPercent: 40, signalPercent: 70 }))
  expect(screen.getByText(text('sensor.state', { battery: 40, signal: 70 }))).toBeInTheDocument()
  act(() => sensor.hear({ is: 'LOST' }))
  expect(screen.getByText(text('sensor.lostWhy'))).toBeInTheDocument()
  expect(
    screen.queryByText(text('sensor.heavy')),
    'nothing is said of what is not heard',
  ).not.toBeInTheDocument()
  await userEvent.click(screen.getByText(text('sensor.stop')))
  expect(await screen.findByText(text('sensor.about'))).toBeInTheDocument()
})

test('one that is simulated says so wherever it speaks, and pulls by itself', async () => {
  const sensor = new ToldSensor(true)
  show(
    <>
      <SensorPanel {...OF} />
      <SensorStrip onOpen={() => undefined} />
    </>,
  )
  await connect(sensor)
  expect(screen.getByText(text('sensor.simulated'))).toBeInTheDocument()
  await act(() => liveReins.zero())
  expect(screen.getByText(text('sensor.pretend'))).toBeInTheDocument()
  act(() => {
    sensor.says(1, 0, 0)
    sensor.says(1, 2.4, 0)
  })
  expect(screen.getByText(text('sensor.simulatedShort'))).toBeInTheDocument()
  act(() => sensor.hear({ is: 'STATE', batteryPercent: 12, signalPercent: 70 }))
  expect(screen.getByText(text('sensor.battery', { percent: 12 }))).toBeInTheDocument()
})

test('one that is read in another lesson is not shown here, and told of', async () => {
  show(<SensorPanel {...OF} />)
  await connect(new ToldSensor(), 'elsewhere')
  expect(screen.getByText(text('sensor.elsewhere'))).toBeInTheDocument()
  expect(screen.getByText(text('sensor.connect'))).toBeInTheDocument()
})
