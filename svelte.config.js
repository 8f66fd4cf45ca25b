// Nothing to preprocess: Svelte strips the types itself and styles are plain CSS.
export default {};
