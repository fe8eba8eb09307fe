import { defineConfig } from 'vitest/config';

export default defineConfig({
    test: {
        environment: 'jsdom',
        include: ['tests/js/**/*.test.js'],
        cache: false,
        // A busy machine may take its time; what has a limit of its own says so.
        testTimeout: 30_000,
        hookTimeout: 30_000,
        restoreMocks: true,
        unstubGlobals: true,
    },
});
