import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

const screens = readdirSync('studio/screens');
const httpOnly = { group: ['**/lib/http'], message: 'A part takes its data from a state module (*.svelte.ts).' };
const noScreen = { regex: '/screens/', message: 'What screens share knows no screen.' };
/** Screens know parts/ and lib/, and never each other; what two of them share is a part. */
const otherScreens = (screen) => ({
    regex: `^(\\.\\./)+(screens/)?(${screens.filter((one) => one !== screen).join('|')})/`,
    message: 'A screen knows no other screen: what they share stands in parts/ or lib/.',
});

export default ts.config(
    {
        ignores: [
            'public/**',
            'vendor/**',
            'node_modules/**',
            'storage/**',
            'studio/generated/**',
            'bootstrap/**',
            'test-results/**',
        ],
    },
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
        rules: { 'no-restricted-imports': ['error', { patterns: [httpOnly] }] },
    },
    ...screens.flatMap((screen) => [
        {
            files: [`studio/screens/${screen}/**/*.ts`],
            rules: { 'no-restricted-imports': ['error', { patterns: [otherScreens(screen)] }] },
        },
        {
            files: [`studio/screens/${screen}/**/*.svelte`],
            rules: { 'no-restricted-imports': ['error', { patterns: [httpOnly, otherScreens(screen)] }] },
        },
    ]),
    { files: ['studio/{lib,parts}/**/*.ts'], rules: { 'no-restricted-imports': ['error', { patterns: [noScreen] }] } },
    {
        files: ['studio/{lib,parts}/**/*.svelte'],
        rules: { 'no-restricted-imports': ['error', { patterns: [httpOnly, noScreen] }] },
    },
);
