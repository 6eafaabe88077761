/**
 * Nothing runs here: it names the files of letters, so that they are built. Pages name those that their house style
 * uses.
 */
export default import.meta.glob(
    '/node_modules/@fontsource-variable/*/files/*-{latin,latin-ext,cyrillic,greek}-wght-normal.woff2',
    {
        eager: true,
        query: '?url',
        import: 'default',
    },
);
