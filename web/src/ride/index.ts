export { begun } from './group'
export { OpenDrawer } from './OpenDrawer'
export { useCommands } from './useCommands'
