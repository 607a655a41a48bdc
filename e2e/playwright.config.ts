import { defineConfig } from '@playwright/test';

export const demoPort = 5298;
export const emptyPort = 5297;
/** A database that nobody else writes into. */
export const freshPort = 5296;
const folder = process.env.RIMROCK_E2E_DATA ?? '/tmp/rimrock-e2e';

export default defineConfig({
  testDir: 'specs',
  timeout: 60_000,
  // A cold server and a busy machine answer late, and no walk is a clock: speed goals live in bench/.
  expect: { timeout: 20_000 },
  retries: 0,
  workers: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/results.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${demoPort}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.RIMROCK_CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: [
    { command: `rm -rf ${folder} && mkdir -p ${folder} && ../scripts/serve.sh --port ${demoPort} --demo true --database ${folder}/demo.db`, port: demoPort, timeout: 60_000 },
    { command: `rm -rf ${folder}-own && mkdir -p ${folder}-own && ../scripts/serve.sh --port ${emptyPort} --database ${folder}-own/own.db`, port: emptyPort, timeout: 60_000 },
    { command: `rm -rf ${folder}-fresh && mkdir -p ${folder}-fresh && ../scripts/serve.sh --port ${freshPort} --database ${folder}-fresh/own.db`, port: freshPort, timeout: 60_000 },
  ],
});
