/** Run before the page's own scripts: keeps hold of its book worker, so that a test can call it. */
export function keepWorker(): void {
  const Real = window.Worker;
  class Kept extends Real {
    constructor(url: string | URL, options?: WorkerOptions) {
      super(url, options);
      (window as unknown as { bookWorker: Worker }).bookWorker = this;
    }
  }
  window.Worker = Kept;
}
