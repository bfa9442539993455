export { ArenaDrawing } from './ArenaDrawing'
export { DayNotes, notesOfDay } from './DayNotes'
export { minutes } from './minutes'
