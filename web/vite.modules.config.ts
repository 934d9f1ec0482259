// what the script loads when a page needs it: each kind of nod, the form, and what the owner looks with
import { defineConfig } from 'vite';
import { FILES } from './nods/files.ts';

const kinds = Object.fromEntries(
  Object.values(FILES)
    .filter((file) => file !== undefined)
    .map((file) => [file, `nods/${file}/module.ts`]),
);

export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    target: 'es2022',
    lib: {
      entry: {
        ...kinds,
        'review-form': 'nods/review-form/module.ts',
        'take-back': 'nods/review-form/withdrawal.ts',
        preview: 'script/preview.ts',
        recognition: 'script/page/recognition.ts',
        structured: 'script/page/structured.ts',
      },
      formats: ['es'],
    },
    rollupOptions: {
      output: {
        // of ES modules Vite keeps the spaces otherwise, for libraries that others build in
        minify: true,
        entryFileNames: 'nodyes/[name].js',
        chunkFileNames: 'nodyes/part-[hash].js',
        // what all kinds draw with is one file, so that a page asks for it once
        manualChunks: (id) => (/nods\/shared\/.*ts$|script\/lib\//.test(id) ? 'shared' : undefined),
      },
    },
  },
});
