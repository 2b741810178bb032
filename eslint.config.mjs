import next from 'eslint-config-next/core-web-vitals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/.next/**',
      '.cache/**',
      'web/public/**',
      'web/next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...next.map((config) => ({ ...config, files: config.files ?? ['web/**/*.{ts,tsx}'] })),
  { settings: { next: { rootDir: 'web' }, react: { version: '19.3' } } },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strict],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-invalid-void-type': 'off',
    },
  },
  {
    files: ['core/src/**/*.ts', 'web/src/**/*.{ts,tsx}', 'cli/src/**/*.ts', 'samples/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    files: ['**/*.{ts,tsx,mjs}'],
    rules: {
      eqeqeq: 'error',
      'no-console': ['error', { allow: ['error'] }],
      'prefer-const': 'error',
      'no-restricted-exports': 'off',
    },
  },
  {
    files: ['web/src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'max-lines-per-function': ['error', { max: 140, skipBlankLines: true, skipComments: true }],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            ":matches(Property[key.name='fontSize'], JSXAttribute[name.name='fontSize']) Literal[raw=/^[0-9]/]",
          message: 'Take a size of web/src/theme/typeScale.ts.',
        },
      ],
    },
  },
  { files: ['scripts/**', 'samples/src/write.ts', 'e2e/**'], rules: { 'no-console': 'off' } },
);
