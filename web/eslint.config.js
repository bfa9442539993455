import { readdirSync } from 'node:fs'
import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/**
 * The rooms of the web, from the ground up. A room knows only those before it, so that there is no circle, and only through their
 * index.ts. A new room is named here.
 */
const ROOMS = [
  'theme',
  'api',
  'record',
  'text',
  'nudge',
  'reins',
  'store',
  'live',
  'ui',
  'timeline',
  'session',
  'shell',
  'safety',
  'recorder',
  'see',
  'invite',
  'capture',
  'look',
  'ground',
  'library',
  'homework',
  'photo',
  'tack',
  'stride',
  'intake',
  'pair',
  'plan',
  'sensor',
  'ride',
  'today',
  'practice',
  'plait',
  'contact',
  'clip',
  'debrief',
  'device',
  'files',
]

const unnamed = readdirSync('src', { withFileTypes: true }).filter(
  (f) => f.isDirectory() && !ROOMS.includes(f.name),
)
if (unnamed.length > 0)
  throw new Error(`Say in eslint.config.js where ${unnamed.map((f) => f.name).join(', ')} stands.`)

const THROUGH_THE_INDEX = {
  regex: '^\\.\\./(\\.\\./)*[^./]+/',
  message: 'Another room is entered through its index.ts.',
}

/** What a room must not import: what stands above it, and the insides of any other. */
const walls = ROOMS.map((room, at) => ({
  files: [`src/${room}/**`],
  ignores: ['src/record/generated/**'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          THROUGH_THE_INDEX,
          {
            regex: `^\\.\\./(?!(?:${ROOMS.slice(0, at).join('|')})$)[^./]+$`,
            message: `${room} knows only the rooms below it; the list of rooms in eslint.config.js says which.`,
          },
        ],
      },
    ],
  },
}))

export default tseslint.config(
  {
    ignores: [
      'dist',
      'dev-dist',
      'target',
      'node_modules',
      'public',
      'src/api/schema.d.ts',
      'src/record/generated',
      'eslint.config.js',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  hooks.configs.flat['recommended-latest'],
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // a field taken out of the rest is named _
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_$', argsIgnorePattern: '^_$' }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      // both throw at a date that is none, and take the screen with them: text/format.ts does not
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='toISOString']",
          message: 'Use isoOf of text/format.',
        },
        { selector: "NewExpression[callee.object.name='Intl']", message: 'Use text/format.' },
      ],
    },
  },
  {
    // text/format guards them, zoned reads what a form has checked, and tests set the clock
    files: ['src/text/format.ts', 'src/today/zoned.ts', 'src/**/*.test.*'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  ...walls,
)
