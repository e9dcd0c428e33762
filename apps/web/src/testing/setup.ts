import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { setCore } from '../stores/plan/core.js';
import * as engineParts from '../stores/plan/coreParts.js';

// jsdom lacks what every browser here has: text codecs for the router, random ids, layout for the lists.
Object.assign(globalThis, { TextEncoder, TextDecoder });
Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
if (typeof window !== 'undefined') {
  class NoResize {
    observe(): void {
      return undefined;
    }
    unobserve(): void {
      return undefined;
    }
    disconnect(): void {
      return undefined;
    }
  }
  Object.assign(window, { ResizeObserver: NoResize });
}

// Every test begins with the engine in its place, as a page has it a moment after it was opened.
setCore(engineParts);

// jsdom has no structuredClone; what the stores copy is plain JSON.
Object.defineProperty(globalThis, 'structuredClone', {
  value: (value: unknown): unknown => JSON.parse(JSON.stringify(value)),
});
