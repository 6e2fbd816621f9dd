import type { CDPSession, Page } from '@playwright/test';

interface Attached {
  readonly sessionId: string;
  readonly targetInfo: { readonly type: string };
}

/** Asks a target beside the page; its answer comes as a message of its own. */
function askBeside(cdp: CDPSession, sessionId: string, method: string, id: number) {
  return new Promise<Record<string, unknown>>((resolve) => {
    const hear = (told: { sessionId: string; message: string }) => {
      const answer = JSON.parse(told.message) as { id?: number; result?: Record<string, unknown> };
      if (told.sessionId !== sessionId || answer.id !== id) return;
      cdp.off('Target.receivedMessageFromTarget', hear);
      resolve(answer.result ?? {});
    };
    cdp.on('Target.receivedMessageFromTarget', hear);
    const message = JSON.stringify({ id, method });
    void cdp.send('Target.sendMessageToTarget', { sessionId, message });
  });
}

/** What the page and its workers hold in memory once what nobody needs is let go of, bytes. */
export async function heapBytes(page: Page): Promise<number> {
  const cdp = await page.context().newCDPSession(page);
  const workers: Attached[] = [];
  cdp.on('Target.attachedToTarget', (target: Attached) => workers.push(target));
  await cdp.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false,
  });
  await page.waitForTimeout(500);
  await cdp.send('HeapProfiler.collectGarbage');
  const own = await cdp.send('Runtime.getHeapUsage');
  let sum = own.usedSize;
  for (const { sessionId, targetInfo } of workers) {
    if (targetInfo.type !== 'worker') continue;
    await askBeside(cdp, sessionId, 'HeapProfiler.collectGarbage', 1);
    const used = await askBeside(cdp, sessionId, 'Runtime.getHeapUsage', 2);
    sum += Number(used.usedSize);
  }
  await cdp.detach();
  return sum;
}
