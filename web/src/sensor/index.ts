export { liveReins } from './live'
export { SensorPanel } from './SensorPanel'
export { SensorStrip } from './SensorStrip'
export { useLive } from './useLive'
