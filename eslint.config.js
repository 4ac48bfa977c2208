import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const STATIONS = ['plate', 'power', 'start', 'cable', 'guard', 'correct', 'prove', 'sheet'];

/** Stations do not import one another: what several of them need lies beside them. */
const apart = STATIONS.map((name) => ({
    files: [`web/stations/${name}/**/*.{ts,tsx}`],
    rules: {
        'no-restricted-imports': [
            'error',
            {
                patterns: [
                    {
                        regex: `^(\\.\\./)+(${STATIONS.filter((other) => other !== name).join('|')})/`,
                        message: 'Stations do not import one another. What several need lies in kit, bench or readings.',
                    },
                ],
            },
        ],
    },
}));

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
    ...apart,
    { files: ['eslint.config.js', 'contract/*.mjs'], ...tseslint.configs.disableTypeChecked },
);
