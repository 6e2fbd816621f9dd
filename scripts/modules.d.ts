declare module '*/serve.mjs' {
  export function serve(options?: {
    own?: boolean;
    port?: number;
  }): Promise<{ url: string; stop: () => void; gone: Promise<void> }>;
}

declare module '*/chromium.mjs' {
  export function findChromium(): string;
}
