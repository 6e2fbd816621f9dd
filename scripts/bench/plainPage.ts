import { spawn, type ChildProcess } from 'node:child_process';
import type { Readable, Writable } from 'node:stream';
import { sleep } from './measure';

interface Answer {
  readonly id?: number;
  readonly result?: Record<string, unknown>;
  readonly error?: { readonly message: string };
}

interface Evaluated {
  readonly result: { readonly value?: unknown };
  readonly exceptionDetails?: { readonly text: string };
}

/** A phone's page. */
const SIZE = '--window-size=390,844';
/** Between two looks whether something has come, ms. */
const LOOK_MS = 50;

/**
 * A page driven by the browser's own protocol over a pipe. A test runner listens to a page's errors, for
 * which the browser reads its scripts once more, and to its presses: here nothing of it is measured.
 */
export class PlainPage {
  private asked = 0;
  private heard = '';
  private sessionId: string | undefined;
  private readonly waiting = new Map<number, (answer: Answer) => void>();

  private constructor(private readonly browser: ChildProcess) {
    const from = browser.stdio[4] as Readable;
    from.setEncoding('utf8');
    from.on('data', (some: string) => this.hear(some));
  }

  /** Opens a blank page of a browser with a profile of its own; `script` runs first in every document. */
  static async open(executable: string, profile: string, script = ''): Promise<PlainPage> {
    const flags = [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
    ];
    const browser = spawn(
      executable,
      [...flags, SIZE, '--no-first-run', '--remote-debugging-pipe', `--user-data-dir=${profile}`],
      { stdio: ['ignore', 'ignore', 'ignore', 'pipe', 'pipe'] },
    );
    const page = new PlainPage(browser);
    const { targetId } = await page.send('Target.createTarget', { url: 'about:blank' });
    const attached = await page.send('Target.attachToTarget', { targetId, flatten: true });
    page.sessionId = String(attached.sessionId);
    await page.send('Page.enable');
    await page.send('Page.addScriptToEvaluateOnNewDocument', { source: script });
    return page;
  }

  private hear(some: string): void {
    const texts = (this.heard + some).split('\0');
    this.heard = texts.pop()!;
    for (const text of texts) {
      const answer = JSON.parse(text) as Answer;
      if (answer.id !== undefined) this.waiting.get(answer.id)?.(answer);
    }
  }

  /** Asks the browser; throws what it refuses with. */
  async send(method: string, params: object = {}): Promise<Record<string, unknown>> {
    this.asked += 1;
    const id = this.asked;
    const { sessionId } = this;
    const told = { id, method, params, ...(sessionId ? { sessionId } : {}) };
    const { error, result } = await new Promise<Answer>((resolve) => {
      this.waiting.set(id, resolve);
      (this.browser.stdio[3] as Writable).write(`${JSON.stringify(told)}\0`);
    });
    this.waiting.delete(id);
    if (error) throw new Error(`${method}: ${error.message}`);
    return result ?? {};
  }

  /** What an expression comes to on the page. */
  async evaluate(expression: string): Promise<unknown> {
    const params = { expression, returnByValue: true, awaitPromise: true };
    const { result, exceptionDetails } = (await this.send(
      'Runtime.evaluate',
      params,
    )) as unknown as Evaluated;
    if (exceptionDetails) throw new Error(exceptionDetails.text);
    return result.value;
  }

  /** Waits until an expression comes to something, and answers it. */
  async until(expression: string, withinMs = 120_000): Promise<unknown> {
    for (let waitedMs = 0; waitedMs < withinMs; waitedMs += LOOK_MS) {
      const found = await this.evaluate(expression);
      if (found) return found;
      await sleep(LOOK_MS);
    }
    throw new Error(`Never came: ${expression}`);
  }

  async go(url: string): Promise<void> {
    await this.send('Page.navigate', { url });
  }

  /** How many times slower its processor is. */
  async slow(rate: number): Promise<void> {
    await this.send('Emulation.setCPUThrottlingRate', { rate });
  }

  /** Presses a link by its name, as a pointer does: there first, then down and up. */
  async press(name: string): Promise<void> {
    const found = await this.evaluate(`(() => {
      const isIt = (a) => a.textContent.trim() === ${JSON.stringify(name)};
      const at = [...document.querySelectorAll('a')].find(isIt).getBoundingClientRect();
      return { x: at.x + at.width / 2, y: at.y + at.height / 2 };
    })()`);
    const pointer = { ...(found as object), button: 'left', clickCount: 1 };
    await this.send('Input.dispatchMouseEvent', { ...(found as object), type: 'mouseMoved' });
    await this.send('Input.dispatchMouseEvent', { ...pointer, type: 'mousePressed' });
    await sleep(LOOK_MS);
    await this.send('Input.dispatchMouseEvent', { ...pointer, type: 'mouseReleased' });
  }

  /** Closes the browser, and waits until its profile is written. */
  async close(): Promise<void> {
    const over = new Promise((resolve) => this.browser.once('exit', resolve));
    this.sessionId = undefined;
    await this.send('Browser.close');
    await over;
  }
}
