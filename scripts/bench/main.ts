import { chromium } from '@playwright/test';
import { benchSizes } from './sizes';
import { benchColdStorage } from './coldStorage';
import { benchChemistry } from './chemistry';
import { benchCore } from './core';
import { benchHistory } from './history';

const PHONE = { width: 390, height: 844 };

/** Everything the bench measures, one after the other. */
async function main(): Promise<void> {
  if (!process.argv.includes('--history')) {
    benchCore();
    benchChemistry();
    if (process.argv.includes('--core')) return;
  }
  const { serve } = await import('../serve.mjs');
  const { findChromium } = await import('../chromium.mjs');
  const launch = {
    executablePath: findChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  };
  const server = await serve({ own: true });
  const persistent = (profile: string) =>
    chromium.launchPersistentContext(profile, { ...launch, viewport: PHONE });
  try {
    await benchHistory(server.url, persistent);
    if (process.argv.includes('--history')) return;
    await benchSizes(server.url, () => chromium.launch(launch));
    await benchColdStorage(server.url, persistent);
  } finally {
    server.stop();
  }
}

void main();
