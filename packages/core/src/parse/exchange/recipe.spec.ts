import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import jsonld from 'jsonld';
import { readTelling } from '../telling/readTelling.js';
import { recipesIn, toldOf } from './recipeIn.js';
import { recipeJsonLd, recipeMarkdown, type RecipeSheet } from './recipeOut.js';

/** Lines of kitchens with what they mean, written before the reader was: testing/lines. */
const LINES = readFileSync(join(__dirname, '../../testing/lines/held.txt'), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#') && !l.includes(' & '))
  .map((l) => {
    const [line = '', meaning = ''] = l.split(' => ');
    return { line, id: meaning.replace('?', '').split('=')[0] ?? '', isAsked: meaning.startsWith('?') };
  })
  .filter(({ id }) => !['', 'nothing', 'pour', 'pot'].includes(id));
const STEPS = [
  'Rinse the rice until the water runs clear.',
  'Fry the onions golden.',
  'Pour in the stock and bring to the boil.',
  'Cover and simmer on low for 15 minutes.',
  'Rest off the heat, lid on, 10 minutes.',
];

/** One of many ways in which the vocabulary lets the same thing be said. */
const anyOf = <T>(...ways: readonly ((value: T) => unknown)[]): fc.Arbitrary<(value: T) => unknown> =>
  fc.constantFrom(...ways);
const text = (t: string): unknown => t;
const step = (t: string): object => ({ '@type': 'HowToStep', text: t });
const asIngredients = anyOf<readonly string[]>(
  (l) => l,
  (l) => ({ '@list': l }),
  (l) => l.map((t) => ({ '@value': t, '@language': 'en' })),
  (l) => ({ '@type': 'ItemList', itemListElement: l.map((t) => ({ '@type': 'ListItem', name: t })) }),
  (l) => l.map((t) => `<b>${t.replaceAll('&', '&amp;').replaceAll('½', '&frac12;')}</b>`),
);
const asSteps = anyOf<readonly string[]>(
  (l) => l,
  (l) => l.join('\n'),
  (l) => l.map((t) => `<p>${t}</p>`).join(''),
  (l) => l.map(step),
  (l) =>
    l.map((t) => ({
      '@type': ['HowToStep', 'Thing'],
      name: 'Step',
      itemListElement: { '@type': 'HowToDirection', text: t },
    })),
  (l) => ({ '@type': 'HowToSection', name: 'The pot', itemListElement: l.map(step) }),
  (l) => [
    { '@type': 'HowToSection', name: 'First', itemListElement: l.slice(0, 2).map(step) },
    ...l.slice(2).map(text),
  ],
  (l) => ({
    '@type': 'ItemList',
    itemListElement: l.map((t, position) => ({ '@type': 'ListItem', position, item: step(t) })),
  }),
  (l) => l.map((t) => ({ '@type': 'CreativeWork', text: t })),
);
const asYield = anyOf<number>(
  (n) => n,
  (n) => n.toString(),
  (n) => `${n.toString()} servings`,
  (n) => `Serves ${n.toString()}`,
  (n) => [n.toString(), `${n.toString()} bowls`],
  (n) => ({ '@type': 'QuantitativeValue', value: n, unitText: 'portions' }),
);
const asTime = fc.constantFrom<readonly [unknown, number | undefined]>(
  ['PT45M', 45],
  ['PT1H30M', 90],
  ['P0DT1H', 60],
  ['PT2700S', 45],
  [{ '@type': 'Duration', '@value': 'PT45M' }, 45],
  ['about an hour', undefined],
  [undefined, undefined],
);
/** Where a recipe stands in a file. */
const within = anyOf<object>(
  (r) => r,
  (r) => [r],
  (r) => ({ '@context': 'https://schema.org', '@graph': [{ '@type': 'WebSite', name: 'x' }, r] }),
  (r) => ({ '@type': 'WebPage', mainEntity: r }),
  (r) => [
    { '@type': 'BreadcrumbList', itemListElement: [] },
    { '@type': 'ItemPage', mainEntity: [r] },
  ],
  (r) => Object.fromEntries(Object.entries(r).map(([k, v]) => [k.startsWith('@') ? k : `schema:${k}`, v])),
  (r) =>
    Object.fromEntries(
      Object.entries(r).map(([k, v]) => [k.startsWith('@') ? k : `http://schema.org/${k}`, v]),
    ),
);

const made = fc.record({
  lines: fc.uniqueArray(fc.constantFrom(...LINES), { minLength: 1, maxLength: 12, selector: (l) => l.line }),
  steps: fc.subarray(STEPS, { minLength: 1 }),
  portions: fc.integer({ min: 1, max: 12 }),
  type: fc.constantFrom<unknown>(
    'Recipe',
    ['Recipe'],
    ['Recipe', 'NewsArticle'],
    'schema:Recipe',
    'https://schema.org/Recipe',
  ),
  ingredientsKey: fc.constantFrom('recipeIngredient', 'ingredients'),
  asIngredients,
  asSteps,
  asYield,
  time: asTime,
  within,
});

describe('a recipe of the vocabulary schema.org', () => {
  it('is read in every shape it may have, line by line; 95 of 100 lines are understood or asked about', () => {
    let [lines, right] = [0, 0];
    fc.assert(
      fc.property(made, (m) => {
        const recipe = {
          '@type': m.type,
          name: 'Evening pilaf',
          [m.ingredientsKey]: m.asIngredients(m.lines.map((l) => l.line)),
          recipeInstructions: m.asSteps(m.steps),
          recipeYield: m.asYield(m.portions),
          totalTime: m.time[0],
        };
        const [read, ...more] = recipesIn(JSON.parse(JSON.stringify(m.within(recipe))));
        expect(more).toEqual([]);
        expect(read).toMatchObject({ name: 'Evening pilaf', portions: m.portions, steps: m.steps });
        expect(read?.ingredients.map((l) => l.replaceAll(/\s+/gu, ' '))).toEqual(
          m.lines.map((l) => l.line.replaceAll(/\s+/gu, ' ').trim()),
        );
        expect(read?.totalMin).toBe(m.time[1]);
        const told = readTelling(toldOf(read!), { cupMl: 240 });
        const found = new Set(told.lines.flatMap((l) => [l.id, ...l.choices]));
        for (const { id, isAsked } of m.lines) {
          lines += 1;
          if (found.has(id) || isAsked) right += 1;
        }
      }),
      { seed: 15, numRuns: 200 },
    );
    expect(lines).toBeGreaterThan(800);
    expect(right / lines).toBeGreaterThanOrEqual(0.95);
  });

  it('of anything else is not found, however deep or long, and nothing is thrown', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), (json) => {
        expect(Array.isArray(recipesIn(json))).toBe(true);
        const twisted = {
          '@type': 'Recipe',
          name: json,
          recipeIngredient: json,
          recipeInstructions: json,
          recipeYield: json,
          totalTime: json,
        };
        expect(typeof toldOf(recipesIn(twisted)[0]!)).toBe('string');
      }),
      { seed: 16, numRuns: 300 },
    );
    const deep = JSON.parse('{"a":'.repeat(5000) + '{"@type":"Recipe"}' + '}'.repeat(5000)) as unknown;
    expect(recipesIn(deep)).toEqual([]);
    expect(recipesIn(Array.from({ length: 500 }, () => ({ '@type': 'Recipe' })))).toHaveLength(20);
    const long = {
      '@type': 'Recipe',
      recipeIngredient: Array.from({ length: 9000 }, () => '1 onion'),
      recipeInstructions: '<'.repeat(100_000),
    };
    expect(recipesIn(long)[0]?.ingredients).toHaveLength(300);
  });
});

const SHEET: RecipeSheet = {
  name: 'Evening pilaf',
  portions: 4,
  goesIn: ['350 g long-grain white rice', '2 onions, golden'],
  pour: 'Pour 525 ml (2¼ cups) of water.',
  stages: [
    { text: '1. Boil: high heat, lid off, about 6 min.', minutes: 6 },
    { text: '2. Simmer: low heat, lid on, 75 min.', minutes: 75 },
  ],
  cautions: ['Steam burns: open the lid away from you.'],
  day: '2026-11-28',
};

describe('a dish of ours', () => {
  it('is a Recipe to an independent JSON-LD processor, with every property under the vocabulary', async () => {
    const documentLoader = (url: string) => {
      expect(url).toBe('https://schema.org');
      const document = { '@context': { '@vocab': 'https://schema.org/' } };
      return Promise.resolve({ contextUrl: null, documentUrl: url, document } as never);
    };
    const [node] = (await jsonld.expand(recipeJsonLd(SHEET), { documentLoader })) as Record<
      string,
      unknown
    >[];
    const of = (name: string) => node?.[`https://schema.org/${name}`] as { '@value'?: string }[];
    expect(node?.['@type']).toEqual(['https://schema.org/Recipe']);
    expect(of('name')[0]?.['@value']).toBe('Evening pilaf');
    expect(of('recipeIngredient').map((v) => v['@value'])).toEqual(SHEET.goesIn);
    expect(of('totalTime')[0]?.['@value']).toBe('PT1H21M');
    expect(of('recipeInstructions')).toHaveLength(4);
    expect(Object.keys(node ?? {}).every((k) => k === '@type' || k.startsWith('https://schema.org/'))).toBe(
      true,
    );
  });

  it('is read back with its lines, steps, people and time', () => {
    expect(recipesIn(recipeJsonLd(SHEET))).toEqual([
      {
        name: 'Evening pilaf',
        portions: 4,
        ingredients: SHEET.goesIn,
        steps: [SHEET.pour, ...SHEET.stages.map((s) => s.text), ...SHEET.cautions],
        totalMin: 81,
      },
    ]);
  });

  it('is Markdown in which nothing of a name is taken for a mark', () => {
    const lines = recipeMarkdown({ ...SHEET, name: '[a](b) *c* <d>' }).split('\n');
    expect(lines[0]).toBe(String.raw`# \[a\](b) \*c\* \<d\>, for 4`);
    expect(lines).toContain('- 2 onions, golden');
    expect(lines).toContain('**Pour 525 ml (2¼ cups) of water.**');
  });
});
