import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'
import { buttonRecipe, fieldRecipe } from '../theme'

export const Button = chakra('button', buttonRecipe, { defaultProps: { type: 'button' } })
export const LinkButton = chakra(Link, buttonRecipe)
export const AnchorButton = chakra('a', buttonRecipe)
export const Input = chakra('input', fieldRecipe)
export const Select = chakra('select', fieldRecipe)
export const TextArea = chakra('textarea', fieldRecipe)
