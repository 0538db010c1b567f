import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  html: { cspNonce: 'NONCE-OF-THIS-PAGE' },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
  test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'] },
});
