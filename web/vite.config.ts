import babel from '@rolldown/plugin-babel';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { defineConfig } from 'vitest/config';

/** What is served is compressed once, as small as it gets, not at every answer. */
function compressed() {
  return {
    name: 'compressed',
    closeBundle() {
      const folder = join(import.meta.dirname, 'dist/assets');
      for (const file of readdirSync(folder).filter((f) => /\.(js|css)$/.test(f))) {
        writeFileSync(join(folder, `${file}.br`), brotliCompressSync(readFileSync(join(folder, file))));
      }
    },
  };
}

/**
 * The compiler keeps what is drawn until it changes: in what answers at every change of a piece. What is loaded first stays
 * small without it.
 */
function remembers(file: string) {
  return !/\/src\/(tray|wire)\/|\/shell\/(App|OutsideFrame|Hint|Tools)/.test(file);
}

export default defineConfig({
  plugins: [react(), babel({ presets: [reactCompilerPreset({ sources: remembers })] }), compressed()],
  html: { cspNonce: 'NONCE-OF-THIS-PAGE' },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    // What many views share comes in one file: many small ones are compressed worse, and each is asked for.
    rolldownOptions: {
      output: { advancedChunks: { groups: [{ name: 'shared', test: /./, minShareCount: 12 }] } },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
  test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'] },
});
