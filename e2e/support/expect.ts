import { expect as asked, type Locator } from '@playwright/test';

/** Between two looks, ms. The runner's own grow to a second, which costs the suite minutes. */
const LOOK_AGAIN_MS = 30;
const USUAL_MS = 10_000;

/** Resolves as soon as it is seen, or with false after a while. */
export async function seen(locator: Locator, timeoutMs = USUAL_MS): Promise<boolean> {
  const until = Date.now() + timeoutMs;
  while (!(await locator.isVisible())) {
    if (Date.now() > until) return false;
    await new Promise((resolve) => {
      setTimeout(resolve, LOOK_AGAIN_MS);
    });
  }
  return true;
}

/** The runner's own, but what is to be seen is noticed soon after it stands there. */
export const expect = asked.extend({
  async toBeVisible(locator: Locator, { timeout = USUAL_MS }: { timeout?: number } = {}) {
    if (!this.isNot && (await seen(locator, timeout))) return { pass: true, message: () => '' };
    try {
      if (this.isNot) await asked(locator).not.toBeVisible({ timeout });
      else await asked(locator).toBeVisible({ timeout: 1 });
      return { pass: !this.isNot, message: () => '' };
    } catch (error) {
      const told = error instanceof Error ? error.message : String(error);
      return { pass: this.isNot, message: () => told };
    }
  },
});
