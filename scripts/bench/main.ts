import { chromium } from '@playwright/test';
import { benchSizes } from './sizes';
import { benchColdStorage } from './coldStorage';
import { benchBook } from './book';
import { benchChemistry } from './chemistry';
import { benchCore } from './core';
import { benchCoverage } from './coverage';
import { benchExchange } from './exchange';
import { benchGrowth } from './growth';
import { benchHistory } from './history';
import { benchIntake } from './intake';
import { benchPaint } from './paint';
import { benchSaved } from './saved';
import { benchSaving } from './saving';
import { benchTanks } from './tanks';

/** Pens in each cell of the coverage table; between checks each is read twice. */
const COVERAGE_PENS = 2000;

/** Hidden tanks in each cell. */
const TANKS = 200;

const PHONE = { width: 390, height: 844 };

/** Everything the bench measures, one after the other. */
async function main(): Promise<void> {
  if (process.argv.includes('--coverage')) {
    benchCoverage(COVERAGE_PENS);
    return;
  }
  if (process.argv.includes('--book')) {
    benchBook();
    return;
  }
  if (process.argv.includes('--saving')) {
    benchSaving();
    return;
  }
  if (process.argv.includes('--growth')) {
    await benchGrowth();
    return;
  }
  if (process.argv.includes('--exchange')) {
    await benchExchange();
    return;
  }
  if (process.argv.includes('--intake')) {
    benchIntake();
    return;
  }
  if (process.argv.includes('--tanks')) {
    benchTanks(TANKS);
    return;
  }
  const inBrowser = ['--history', '--paint', '--saved'].some((flag) => process.argv.includes(flag));
  if (!inBrowser) {
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
  const persistent = (profile: string) =>
    chromium.launchPersistentContext(profile, { ...launch, viewport: PHONE });
  if (process.argv.includes('--paint')) {
    await benchPaint({ launch: persistent, executable: launch.executablePath });
    return;
  }
  if (process.argv.includes('--saved')) {
    await benchSaved({ launch: persistent, executable: launch.executablePath });
    return;
  }
  const server = await serve({ own: true });
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
