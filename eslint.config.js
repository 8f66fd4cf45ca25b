import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';

export default ts.config(
    ...ts.configs.strict,
    ...svelte.configs.recommended,
    { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
    { ignores: ['resources/js/lib/schema.d.ts'] },
    {
        rules: {
            'svelte/no-navigation-without-resolve': 'off',
            // Maps here are replaced whole, in $state.raw, never mutated.
            'svelte/prefer-svelte-reactivity': 'off',
        },
    },
);
