import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: ['node_modules', '.next', '.next-*', '.porch', 'data', 'next-env.d.ts', '**/*.cjs', '**/*.mjs'],
  },
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'off',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  {
    // Stored JSON is read by `column`, which checks it; what comes from outside is checked where it comes in.
    files: ['src/server/**'],
    ignores: [
      '**/*.test.ts',
      'src/server/ground/input/column.ts',
      'src/server/http/**',
      'src/server/deeds/links/oembed.ts',
    ],
    rules: { 'no-restricted-properties': ['error', { object: 'JSON', property: 'parse' }] },
  },
  {
    files: ['src/components/**', 'src/app/**'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
);
