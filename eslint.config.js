import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['web/api/contract.ts', 'node_modules', 'vendor', 'public', 'var', 'contract'] },
    ...tseslint.configs.strictTypeChecked,
    { languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } } },
    {
        files: ['web/**/*.{ts,tsx}', 'vite.config.ts'],
        plugins: { 'react-hooks': reactHooks },
        rules: {
            'react-hooks/rules-of-hooks': 'error',
            'react-hooks/exhaustive-deps': 'error',
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
        },
    },
    { files: ['eslint.config.js', 'contract/*.mjs'], ...tseslint.configs.disableTypeChecked },
);
