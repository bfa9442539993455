export { ExerciseOnGround } from './ExerciseOnGround'
export { Sand } from './GroundDrawing'
export { pathOf, poseAt } from './lines'
