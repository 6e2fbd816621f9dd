declare module '*/serve.mjs' {
  interface Served {
    url: string;
    stop: () => void;
    gone: Promise<void>;
    said: () => string;
  }
  export function serve(options?: { own?: boolean; port?: number }): Promise<Served>;
  export function servePhones(options: {
    house: string;
    own?: boolean;
    port?: number;
    securePort?: number;
    more?: readonly string[];
  }): Promise<Served>;
}

declare module '*/chromium.mjs' {
  export function findChromium(): string;
  export function findCertutil(): boolean;
  export function findPdftotext(): boolean;
  export function findZbarimg(): boolean;
}

declare module '*/hosting.mjs' {
  export const HOSTED: { readonly base: string; readonly out: string };
}

declare module '*/baseOf.mjs' {
  export function baseOf(given: readonly string[]): string;
}
