export { Sand } from './GroundDrawing'
export { pathOf, poseAt } from './lines'
