import { readdirSync } from 'node:fs'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['resources/js/api/schema.d.ts'] },
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue', '**/*.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.vue'], sourceType: 'module' } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
    },
  },
  ...readdirSync('resources/js/features').map((feature, _, all) => ({
    files: [`resources/js/features/${feature}/**`],
    rules: {
      'no-restricted-imports': ['error', { patterns: all.filter((other) => other !== feature).map((other) => `@/features/${other}/*`) }],
    },
  })),
)
