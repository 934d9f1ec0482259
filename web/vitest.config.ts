// tests of the front end's own logic; screens and pages as a whole are tested in a browser (e2e)
import { defineConfig } from 'vitest/config';
import react from '@vitejs/plugin-react';
import { messages } from './scripts/messages-plugin.mjs';

export default defineConfig({
  plugins: [messages(), react()],
  test: {
    environment: 'jsdom',
    include: ['{admin,nods,script}/**/*.test.{ts,tsx}'],
    setupFiles: ['tests/setup.ts'],
    // in any order, the seed is told where a test fails
    sequence: { shuffle: true },
    restoreMocks: true,
  },
});
