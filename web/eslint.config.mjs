import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/** Written alike in every language: names, keys, signs of units and formulas. */
const ALIKE = [
  'Glad Tile',
  'https://',
  'Ctrl',
  'Shift',
  'Space',
  'x',
  'X',
  'n',
  'C',
  'AC',
  'px',
  'A',
  '[A-Z][a-z]+',
  '±',
  'Ctrl+D',
  'Ctrl+G',
  'Ctrl+Shift+G',
  '⌫',
  'ab',
  'a',
  'b',
]

export default ts.config(
  { ignores: ['dist/**', 'public/**', 'components.d.ts', 'src/api/schema.d.ts', 'node_modules/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: { globals: { ...browserGlobals() } },
    rules: {
      // The type checker knows what is defined, and prettier how it is laid out.
      'no-undef': 'off',
      // A part that is taken out of an object so that the rest is left is named _.
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/attributes-order': 'off',
    },
  },
  {
    files: ['src/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': ['error', emptyCatch()],
      'vue/no-restricted-syntax': ['error', emptyCatch()],
    },
  },
  {
    files: ['src/**/*.vue'],
    rules: {
      // What is said has a key and stands in each language (src/i18n); signs and units are alike everywhere.
      'vue/no-bare-strings-in-template': [
        'error',
        {
          allowlist: [
            ...'()[]{}<>,.:;·•–—−-+×÷=≈/\\|…!?%°#&*“”"›‹→←↑↓√π²³ⁿ₂₃₁0123456789'.split(''),
            ...ALIKE,
          ],
          attributes: {
            '/.+/': [
              'title',
              'label',
              'placeholder',
              'alt',
              'aria-label',
              'aria-description',
              'aria-valuetext',
            ],
          },
        },
      ],
    },
  },
  ...arrows(),
  {
    files: ['scripts/*.mjs'],
    languageOptions: { globals: { console: 'readonly', process: 'readonly', URL: 'readonly' } },
  },
)

/** What fails is told to somebody, or it is said why it may be passed over (shared/passOver.ts). */
function emptyCatch() {
  return {
    selector:
      "CallExpression[callee.property.name='catch'] > ArrowFunctionExpression[body.type='BlockStatement'][body.body.length=0]",
    message: 'A failure is told to somebody, or passed over with a reason: passOver(why).',
  }
}

function browserGlobals() {
  return { window: 'readonly', document: 'readonly', fetch: 'readonly' }
}

/**
 * Which folder may use which: data flows forward, and no folder reaches back. What teachers' and students' screens both
 * need lies in `work` (pages as somebody works on them), `gesture`, `page` or `shared`.
 */
function arrows() {
  const all = [
    'accounts',
    'activities',
    'assigned',
    'classes',
    'gesture',
    'notices',
    'page',
    'present',
    'progress',
    'review',
    'school',
    'starters',
    'student',
    'work',
    'workbench',
  ]
  const may = {
    shared: ['page'],
    page: [],
    gesture: ['page'],
    work: ['page', 'gesture'],
    notices: ['accounts'],
    accounts: ['notices'],
    student: ['page', 'gesture', 'work', 'notices'],
    starters: ['page'],
    activities: ['accounts', 'starters', 'page'],
    classes: ['accounts', 'page'],
    school: ['accounts', 'page'],
    assigned: ['accounts', 'page'],
    progress: ['accounts', 'page', 'gesture', 'work'],
    review: ['accounts', 'page', 'work', 'progress'],
    workbench: ['accounts', 'page', 'gesture', 'work', 'starters'],
    present: ['accounts', 'page', 'gesture', 'work', 'review', 'workbench'],
  }
  return Object.entries(may).map(([folder, uses]) => ({
    files: [`src/${folder}/**/*.{ts,vue}`],
    // A test may hold several folders against each other.
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: all
            .filter((one) => one !== folder && !uses.includes(one))
            .map((one) => ({
              group: [`@/${one}/*`, `@/${one}/**`],
              message: `${folder} does not use ${one}: see eslint.config.mjs`,
            })),
        },
      ],
    },
  }))
}
