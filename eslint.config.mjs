import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.expo/**',
      '.data/**',
      'test-results/**',
      'playwright-report/**',
      'client/expo-env.d.ts',
      'client/nativewind-env.d.ts',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      // The inner loops index typed arrays within bounds that the loops themselves set.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    // Answers of the API arrive as plain JSON: a test compares them with what it expects.
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  {
    // A function that does not fit a screen does several things.
    files: ['*/src/**/*.{ts,tsx}', 'client/app/**/*.tsx'],
    ignores: ['**/*.test.{ts,tsx}', '**/testing/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['client/**/*.{ts,tsx}'],
    extends: [reactHooks.configs.flat.recommended],
  },
  {
    files: ['server/src/main.ts', '**/*.mjs', '**/bench/**'],
    rules: { 'no-console': 'off' },
  },
  {
    files: ['**/*.{mjs,cjs}', 'client/*.js'],
    rules: { 'no-unused-vars': ['error', { varsIgnorePattern: '^_' }] },
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        module: 'writable',
        require: 'readonly',
        __dirname: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        Request: 'readonly',
        Response: 'readonly',
        Headers: 'readonly',
        AbortController: 'readonly',
        AbortSignal: 'readonly',
        DOMException: 'readonly',
        structuredClone: 'readonly',
        // Functions that Playwright runs in the page.
        document: 'readonly',
        requestAnimationFrame: 'readonly',
        HTMLInputElement: 'readonly',
        MutationObserver: 'readonly',
        MessageChannel: 'readonly',
        Event: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        performance: 'readonly',
        Buffer: 'readonly',
      },
    },
  },
);
