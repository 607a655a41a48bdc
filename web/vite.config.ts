/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const api = 'http://127.0.0.1:5217';

// What the Bench shows of a verdict, and other rooms too: as one file, since a dozen small ones pack badly.
const ofVerdicts = [
  ...['chance', 'ChanceBar', 'HardStopList', 'NoCarYet', 'seenWords', 'plan/useGuesses', 'plan/wishes'],
  ...['ChartLegend', 'Hatches', 'ReadStrata', 'StrataChart', 'StrataLayer', 'parts', 'ramp'],
];

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: '../src/Rimrock.Web/wwwroot',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [{ name: 'verdict', test: new RegExp(`/(${ofVerdicts.join('|')})\\.tsx?$`) }],
          includeDependenciesRecursively: false,
        },
      },
    },
  },
  server: { proxy: { '/api': api, '/openapi': api }, fs: { allow: ['..'] } },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/__tests__/setup.ts'],
    testTimeout: 30_000,
    hookTimeout: 30_000,
  },
});
