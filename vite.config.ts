import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { stills } from './bin/stills';

export default defineConfig({
  plugins: [react(), stills()],
  publicDir: false,
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rollupOptions: { input: 'resources/js/main.tsx' },
  },
  base: '/build/',
  test: { include: ['resources/js/**/*.test.{ts,tsx}'] },
});
