/** What a problem is called in English, for a page and for an API reply alike; nothing that computes knows it. */
export { problemText } from './problemText.js';
