// what shop pages carry: one classic script, no framework
import { defineConfig } from 'vite';

export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    target: 'es2022',
    lib: {
      entry: 'script/start.ts',
      formats: ['iife'],
      name: 'nodyes',
      fileName: () => 'nodyes.js',
    },
  },
});
