import 'reflect-metadata';
import { describe, expect, it } from '@jest/globals';
import { fits, PLAN, type Field, type Shape } from '@hammock/core';
import fc from 'fast-check';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { dtoOf } from './dtoOf.js';
import { validation } from './validation.js';

const byField = validation(dtoOf(PLAN));
const passes = async (body: unknown): Promise<boolean> => {
  try {
    await byField.transform(structuredClone(body), { type: 'body' });
    return true;
  } catch {
    return false;
  }
};

/** A value of a field: mostly of its kind, now and then something else. */
function valueOf(field: Field): fc.Arbitrary<unknown> {
  const odd = fc.constantFrom<unknown>(null, '', 'x', -1, 1e9, Number.NaN, true, [], {}, [null], { x: 1 });
  const right = ((): fc.Arbitrary<unknown> => {
    switch (field.kind) {
      case 'number':
        return fc.double({ min: field.range.least, max: field.range.most, noNaN: true });
      case 'text':
        return fc.string({ minLength: 1, maxLength: 10 });
      case 'texts':
        return fc.array(fc.string(), { maxLength: 3 });
      case 'flag':
        return fc.boolean();
      case 'choice':
        return fc.constantFrom(...field.choices);
      case 'choices':
        return fc.subarray([...field.choices]);
      case 'one':
        return valueOfShape(field.of);
      case 'many':
        return fc.array(valueOfShape(field.of), { maxLength: 2 });
    }
  })();
  return fc.oneof({ arbitrary: right, weight: 60 }, { arbitrary: odd, weight: 1 });
}

function valueOfShape(shape: Shape): fc.Arbitrary<object> {
  const values = Object.fromEntries(
    Object.entries(shape.fields).map(([key, field]) => [key, valueOf(field)]),
  );
  const needed = Object.entries(shape.fields).flatMap(([key, field]) =>
    field.optional === true ? [] : [key],
  );
  return fc.record(values, { requiredKeys: needed });
}

describe('a body that fits its description', () => {
  it('is one that is found right field by field', async () => {
    let right = 0;
    let wrong = 0;
    await fc.assert(
      fc.asyncProperty(valueOfShape(PLAN), async (body) => {
        const does = fits(body, PLAN);
        const isRight = await passes(body);
        if (does) right += 1;
        if (!isRight) wrong += 1;
        // What does not fit may still be found right (an empty list for a part): then the core says what is missing.
        expect(isRight || !does).toBe(true);
      }),
      { numRuns: 300 },
    );
    // Both ways were tried.
    expect(Math.min(right, wrong)).toBeGreaterThan(20);
  });

  it.each([
    ['a field that nobody asked for', { ...ANSWER_EXAMPLE, isAdmin: true }],
    ['one deep inside', { ...ANSWER_EXAMPLE, vessel: { ...ANSWER_EXAMPLE.vessel, colour: 'blue' } }],
    ['one by the name of all things', JSON.parse('{"grainId":"basmati","__proto__":{"x":1}}')],
    ['nothing where something is needed', { ...ANSWER_EXAMPLE, grainId: undefined }],
    ['no number', { ...ANSWER_EXAMPLE, altitudeM: Number.POSITIVE_INFINITY }],
    ['a word for a number', { ...ANSWER_EXAMPLE, altitudeM: '5' }],
    ['a list for a part', { ...ANSWER_EXAMPLE, vessel: [] }],
    ['too long a list', { ...ANSWER_EXAMPLE, ingredients: Array(61).fill(ANSWER_EXAMPLE.ingredients[0]) }],
    ['a list', [ANSWER_EXAMPLE]],
    ['nothing', null],
  ])('is not one with %s', (_what, body) => {
    expect(fits(ANSWER_EXAMPLE, PLAN)).toBe(true);
    expect(fits(body, PLAN)).toBe(false);
  });
});
