import vue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'

// Imports point to the left only: api, domain, composables, components, views.
const layer = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': ['error', { patterns: forbidden.map((name) => `@/${name}/**`) }],
  },
})

export default defineConfigWithVueTs(
  { ignores: ['dist/**', 'target/**', 'src/api/schema.d.ts', 'src/components.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  {
    rules: {
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  layer(['src/api/**'], ['domain', 'composables', 'components', 'views']),
  layer(['src/domain/**'], ['composables', 'components', 'views']),
  layer(['src/composables/**'], ['components', 'views']),
  layer(['src/components/**'], ['views']),
)
