import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import reactHooks from 'eslint-plugin-react-hooks';

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'target', 'contract/*.d.ts', 'scripts/*.d.mts'] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
  {
    // sizes that the house keeps, as Checkstyle keeps those of the server
    files: ['admin/**/*.{ts,tsx}', 'nods/**/*.ts', 'script/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'max-lines': ['error', 350],
      'max-lines-per-function': ['error', { max: 125, skipBlankLines: true, skipComments: true }],
      'max-params': ['error', 5],
    },
  },
  {
    // every text is a message: messages/en has them all
    files: ['admin/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXText[value=/\\p{L}{2}/u]',
          message: 'A text on the screen is a message: write <T id> or t().',
        },
        {
          selector:
            'JSXAttribute[name.name=/^(label|title|aria-label|placeholder|alt|note|any|none|shown|hint|mark|later)$/] Literal[value=/^(?!https:|[.]).*\\p{L}{2}/su]:not(CallExpression Literal):not(BinaryExpression > Literal)',
          message: 'A name that is read aloud is a message: write t().',
        },
        {
          selector:
            'JSXAttribute[name.name=/^(label|title|aria-label|placeholder|alt|note|any|none|shown|hint|field|mark|later)$/] TemplateElement[value.raw=/\\p{L}{2}/u]',
          message: 'A name that is read aloud is a message: write t() with its values.',
        },
        {
          selector:
            ':matches(JSXElement, JSXFragment) > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/\\p{L}{2}/u]',
          message: 'A text on the screen is a message: write <T id> or t().',
        },
      ],
    },
  },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: { globals: { console: 'readonly', process: 'readonly', URL: 'readonly' } },
    extends: [tseslint.configs.disableTypeChecked],
  },
);
