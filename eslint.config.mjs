import tseslint from 'typescript-eslint';
import reactHooks from 'eslint-plugin-react-hooks';

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '.cache/**'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines-per-function': ['warn', { max: 90, skipComments: true, skipBlankLines: true }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  {
    files: ['scripts/**', 'bench/**', 'e2e/**', 'apps/desk/**', '**/*.test.ts', '**/*.test.tsx'],
    rules: { 'no-console': 'off', 'max-lines-per-function': 'off' },
  },
);
