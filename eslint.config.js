import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', '.satchel-data/'] },
  ...tseslint.configs.recommendedTypeChecked.map(config => ({ ...config, files: ['**/*.ts', '**/*.tsx'] })),
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: {
      parserOptions: {
        projectService: { allowDefaultProject: ['*.ts', 'web/*.ts'] },
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/prefer-readonly': 'error',
      'no-console': 'error',
      eqeqeq: 'error',
      'max-lines': ['error', 300],
    },
  },
  {
    files: ['*/src/**/*.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', { max: 100, skipComments: true, skipBlankLines: true }] },
  },
  {
    // What is no more than data may be as long as it is.
    files: ['core/src/{demo,kits,library}/**/*.ts'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off' },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      'react-hooks/exhaustive-deps': 'error',
      // d3's methods are made to be handed on.
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  {
    files: ['**/*.test.ts', 'bench/**/*.ts', 'e2e/**/*.ts'],
    rules: {
      'no-console': 'off',
      '@typescript-eslint/no-implied-eval': 'off',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
);
