export { ArenaDrawing } from './ArenaDrawing'
export { minutes } from './minutes'
