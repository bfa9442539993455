export { AsideView } from './AsideView'
export { OwnFields } from './OwnFields'
export { blankForm, missingIn, newOwnId } from './ownForm'
export { useSaveOwn } from './useSaveOwn'
