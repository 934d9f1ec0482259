// what the script loads on top when the owner looks at a page: pins, and talking to the back office
import { defineConfig } from 'vite';

export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    target: 'es2022',
    lib: { entry: 'script/preview.ts', formats: ['es'], fileName: () => 'nodyes/preview.js' },
  },
});
