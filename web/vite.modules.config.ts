// what the script loads when a page needs it: each kind of nod, the form, and what the owner looks with
import { defineConfig } from 'vite';

export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    target: 'es2022',
    lib: {
      entry: {
        'review-wall': 'nods/review-wall/module.ts',
        'picked-quotes': 'nods/picked-quotes/module.ts',
        label: 'nods/label/module.ts',
        'trust-badges': 'nods/trust-badges/module.ts',
        'review-form': 'nods/review-form/module.ts',
        preview: 'script/preview.ts',
      },
      formats: ['es'],
    },
    rollupOptions: {
      output: {
        entryFileNames: 'nodyes/[name].js',
        chunkFileNames: 'nodyes/part-[hash].js',
      },
    },
  },
});
