import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.js'], refresh: false }), tailwindcss()],
    // What older pages were drawn with stays beside the new: bin/lib/install.sh drops it after two months.
    build: { assetsInlineLimit: 0, emptyOutDir: false },
});
