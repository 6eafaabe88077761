import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({ input: ['shop/shop.ts', 'shop/fonts.ts', 'studio/studio.ts'], refresh: false }),
        tailwindcss(),
        svelte(),
    ],
    build: { chunkSizeWarningLimit: 900, modulePreload: { polyfill: false } },
});
