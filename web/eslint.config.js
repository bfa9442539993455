import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

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
)
