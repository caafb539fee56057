import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', '.astro', '.lapboard', 'node_modules', '**/*.astro'] },
  ...tseslint.configs.recommended,
  { files: ['src/**/*.tsx', 'src/**/*.ts'], ...reactHooks.configs.flat.recommended },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': ['error', { allow: ['error', 'log'] }],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    rules: {
      'no-restricted-properties': [
        'error',
        {
          property: 'localeCompare',
          message: 'Sort by wordOrder of core/region: the same on every machine, and quick.',
        },
      ],
    },
  },
);
