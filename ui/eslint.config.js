import pluginVue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import { readdirSync } from 'node:fs'
import prettier from 'eslint-config-prettier'

/** A screen is built from what is shared, never from another screen. */
const FEATURES = readdirSync(new URL('./src/features', import.meta.url))
const ONE_FEATURE_KNOWS_NO_OTHER = FEATURES.map((feature) => ({
  files: [`src/features/${feature}/**`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: FEATURES.filter((other) => other !== feature).map((other) => ({
          group: [`@/features/${other}/**`, `../${other}/**`, `../../${other}/**`],
          message: 'Features import from shared, device, table and charts, never from each other.',
        })),
      },
    ],
  },
}))

export default defineConfigWithVueTs(
  {
    ignores: [
      'dist/**',
      'target/**',
      'node_modules/**',
      'src/api/schema.d.ts',
      'src/shared/drillFile/drillFormat.d.ts',
      'vite.config.ts',
      'scripts/**',
      'eslint.config.js',
    ],
  },
  pluginVue.configs['flat/recommended'],
  vueTsConfigs.recommendedTypeChecked,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      'vue/multi-word-component-names': 'off',
      'max-lines-per-function': ['error', { max: 60, skipComments: true }],
    },
  },
  {
    files: ['src/shared/**', 'src/device/**', 'src/table/**', 'src/charts/**'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['@/features/**', '**/features/**'] }] },
  },
  ...ONE_FEATURE_KNOWS_NO_OTHER,
  prettier,
)
