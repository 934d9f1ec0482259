// the back office
import { defineConfig } from 'vite';
import react from '@vitejs/plugin-react';
import tailwindcss from '@tailwindcss/vite';
import { messages } from './scripts/messages-plugin.mjs';

export default defineConfig({
  plugins: [messages(), react(), tailwindcss()],
  publicDir: 'public',
  server: { port: 5173, proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { outDir: 'dist', sourcemap: false, assetsInlineLimit: 0, chunkSizeWarningLimit: 1000 },
});
