import { defineConfig } from 'vitest/config';

export default defineConfig({
    test: {
        environment: 'jsdom',
        include: ['tests/js/**/*.test.js'],
        cache: false,
        restoreMocks: true,
        unstubGlobals: true,
    },
});
