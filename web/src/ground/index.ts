export { ExerciseOnGround } from './ExerciseOnGround'
export { Sand } from './Sand'
export { pathOf, poseAt } from './lines'
