import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['resources/js/lib/schema.d.ts'] },
    ...ts.configs.strictTypeChecked,
    ...svelte.configs.recommended,
    { languageOptions: { parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] } } },
    { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
    {
        rules: {
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
            // Said of a promise nobody waits for, and of a value an effect is to follow.
            '@typescript-eslint/no-meaningless-void-operator': 'off',
            'svelte/no-navigation-without-resolve': 'off',
            // Maps here are replaced whole, in $state.raw, never mutated.
            'svelte/prefer-svelte-reactivity': 'off',
        },
    },
    {
        // A component another imports is of no known type here; svelte-check holds what passes between them.
        files: ['**/*.svelte'],
        rules: Object.fromEntries(
            ['argument', 'assignment', 'call', 'member-access', 'return']
                .map((what) => [`@typescript-eslint/no-unsafe-${what}`, 'off'])
                .concat([['@typescript-eslint/no-redundant-type-constituents', 'off']])
                // What a binding or a closure in the markup changes is not followed either.
                .concat([
                    ['@typescript-eslint/no-unnecessary-condition', 'off'],
                    ['@typescript-eslint/no-unnecessary-type-assertion', 'off'],
                ]),
        ),
    },
);
