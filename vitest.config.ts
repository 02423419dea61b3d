import { defineConfig } from 'vitest/config';

/** The front end's own tests. They stand apart from the build, which needs no test runner. */
export default defineConfig({ test: { include: ['resources/js/**/*.test.{ts,tsx}'] } });
