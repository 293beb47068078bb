import pluginVue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import prettier from 'eslint-config-prettier'

export default defineConfigWithVueTs(
  {
    ignores: [
      'dist/**',
      'target/**',
      'node_modules/**',
      'src/api/schema.d.ts',
      'src/features/bench/drillFormat.d.ts',
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
    },
  },
  prettier,
)
