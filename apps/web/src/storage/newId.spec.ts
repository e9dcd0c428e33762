import { describe, expect, it } from '@jest/globals';
import { newId } from './newId.js';

describe('a new id', () => {
  it('is a UUID of version 4, another one every time', () => {
    const many = Array.from({ length: 500 }, newId);
    // RFC 9562, section 5.4: version 4, variant 10.
    for (const id of many)
      expect(id).toMatch(/^[\da-f]{8}-[\da-f]{4}-4[\da-f]{3}-[89ab][\da-f]{3}-[\da-f]{12}$/u);
    expect(new Set(many).size).toBe(500);
    for (const at of [0, 15, 20, 35])
      expect(new Set(many.map((id) => id.charAt(at))).size).toBeGreaterThan(8);
  });
});
