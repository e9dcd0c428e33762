import { TextDecoder, TextEncoder } from 'node:util';

// jsdom has no text codecs, which the router asks for when it loads.
Object.assign(globalThis, { TextEncoder, TextDecoder });
