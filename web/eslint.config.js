import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import accessibility from 'eslint-plugin-vuejs-accessibility'
import ts from 'typescript-eslint'

/** Rooms that a room may not know. Imports point inward: app → features → job → shared. */
const inward = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: forbidden.map((group) => ({
          group: [group],
          message: 'Imports point one way: app, features, job, shared.',
        })),
      },
    ],
  },
})

export default ts.config(
  { ignores: ['src/shared/api/schema.ts', 'components.d.ts', 'target/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  ...accessibility.configs['flat/recommended'],
  prettier,
  {
    languageOptions: { parserOptions: { parser: ts.parser } },
    rules: {
      // TypeScript knows what is defined.
      'no-undef': 'off',
      'vue/require-default-prop': 'off',
      // It does not see a role that is bound.
      'vuejs-accessibility/no-static-element-interactions': 'off',
      // What is left out of a copy.
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_' }],
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
    },
  },
  inward(['src/shared/**'], ['@/job/*', '@/features/*', '@/app/*']),
  inward(['src/job/**'], ['@/features/*', '@/app/*']),
  inward(['src/features/**'], ['@/app/*']),
)
