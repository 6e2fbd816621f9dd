import { chromium } from '@playwright/test';
import { benchSizes } from './sizes';
import { benchColdStorage } from './coldStorage';
import { benchChemistry } from './chemistry';
import { benchCore } from './core';

/** Everything the bench measures, one after the other. */
async function main(): Promise<void> {
  benchCore();
  benchChemistry();
  if (process.argv.includes('--core')) return;
  const { serve } = await import('../serve.mjs');
  const { findChromium } = await import('../chromium.mjs');
  const launch = {
    executablePath: findChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  };
  const server = await serve({ own: true });
  try {
    await benchSizes(server.url, () => chromium.launch(launch));
    await benchColdStorage(server.url, (profile) =>
      chromium.launchPersistentContext(profile, launch),
    );
  } finally {
    server.stop();
  }
}

void main();
