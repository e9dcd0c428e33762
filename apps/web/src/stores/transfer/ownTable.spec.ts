import { describe, expect, it } from '@jest/globals';
import { ownRowsIn, ownTableIn } from './ownTable.js';

const rows = (text: string) => ownRowsIn(ownTableIn(text)!);

describe('a table of ingredients', () => {
  it('is read by the heads of its columns, with commas, semicolons or tabs (RFC 4180: quotes, and line breaks in them)', () => {
    const wanted = [
      { fields: { label: 'Red jar, "hot"', figures: { water: 88, fat: 1.5, salt: 1.2 } } },
      { fields: { label: 'Our stock', figures: { like: 'stockChicken' } } },
    ];
    const comma =
      'Name,Water g,Fat,Salt,Like,Colour\r\n"Red jar, ""hot""",88,1.5,1.2,,red\r\nOur stock,,,,stockChicken,\r\n';
    expect(rows(comma)).toEqual(wanted);
    expect(
      rows(
        '\uFEFFname;moisture %;fat;salt;like\n"Red jar, ""hot""";88 g;1,5;1,2;\nOur stock;;;;stockChicken',
      ),
    ).toEqual(wanted);
    expect(ownTableIn(comma)?.means).toEqual(['name', 'water', 'fat', 'salt', 'like', 'nothing']);
    expect(rows('name\twater\nA\t\nB\t50').map((r) => r.wrong)).toEqual(['water', undefined]);
  });

  it('of what a spreadsheet was kept from taking for a formula is what was meant', () => {
    expect(rows("name,water\n'=SUM(A1),80")[0]?.fields?.label).toBe('=SUM(A1)');
    expect(rows("name,water\n'80s sauce,80")[0]?.fields?.label).toBe("'80s sauce");
  });

  it.each<[string, string, string]>([
    ['no name', 'name,water\n,80', 'name'],
    ['water that is none', 'name,water\nA,lots', 'water'],
    ['more than all of it', 'name,water\nA,101', 'water'],
    ['water and fat over a hundred', 'name,water,fat\nA,80,30', 'water'],
    ['a density of lead', 'name,water,density\nA,80,11', 'densityGPerMl'],
    ['something it is not like', 'name,like\nA,moon dust', 'like'],
    ['no figure at all', 'name,fat\nA,3', 'water'],
  ])('with %s says at which column', (_what, text, column) => {
    expect(rows(text)).toEqual([{ wrong: column }]);
  });

  it('of nothing, of heads alone, or without end is no more than it can be', () => {
    for (const text of ['', '\n\n', 'name,water']) expect(ownTableIn(text)).toBeUndefined();
    expect(ownTableIn(`name,water\n${'A,80\n'.repeat(5000)}`)?.rows).toHaveLength(200);
  });
});
