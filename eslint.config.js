import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['public/**', 'vendor/**', 'node_modules/**', 'storage/**', 'studio/generated/**', 'bootstrap/**', 'test-results/**'] },
    js.configs.recommended,
    ...ts.configs.strict,
    ...svelte.configs.recommended,
    {
        languageOptions: { globals: { ...globals.browser, ...globals.node } },
        rules: {
            '@typescript-eslint/no-non-null-assertion': 'error',
            '@typescript-eslint/no-explicit-any': 'error',
            'no-undef': 'off',
        },
    },
    {
        files: ['**/*.svelte', '**/*.svelte.ts'],
        languageOptions: { parserOptions: { parser: ts.parser } },
        rules: { 'svelte/no-navigation-without-resolve': 'off' },
    },
    {
        files: ['**/*.svelte'],
        rules: {
            'no-restricted-imports': ['error', { patterns: [{ group: ['**/lib/http'], message: 'A part takes its data from a state module (*.svelte.ts).' }] }],
        },
    },
);
