import { describe, expect, it } from '@jest/globals';
import { planToLink } from '@hammock/core/exchange';
import type { PlanInput } from '@hammock/core';
import { asTelling, whatCame } from './whatCame.js';

const PLAN: PlanInput = {
  grainId: 'basmati',
  grain: { g: 300 },
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Evening pilaf',
  recipeYield: '4',
  recipeIngredient: ['2 cups basmati', '3 onions'],
  recipeInstructions: [{ '@type': 'HowToStep', text: 'Simmer covered 12 minutes.' }],
};
const TOLD = 'Evening pilaf for 4\n2 cups basmati\n3 onions\nSimmer covered 12 minutes.';
const came = (text: string, name = 'a.txt') => whatCame({ name, text });

describe('what came in', () => {
  it('is a plan where it is a link with one, alone or in its address', () => {
    const link = planToLink({ label: 'Pilaf', input: PLAN });
    const plan = { kind: 'plan', plan: { label: 'Pilaf', input: PLAN } };
    expect(came(`#plan=${link}`)).toEqual(plan);
    expect(came(`http://127.0.0.1:4170/in#plan=${link}`)).toEqual(plan);
    expect(came(`#plan=${link.slice(0, 30)}`)).toEqual({ kind: 'noPlan', why: 'broken' });
  });

  it('is a recipe in a file, or in a saved page whose words and scripts are left alone', () => {
    const recipes = { kind: 'recipes', told: [{ name: 'Evening pilaf', text: TOLD }] };
    expect(came(JSON.stringify(RECIPE), 'x.jsonld')).toEqual(recipes);
    const page = `<!doctype html><html><head><script>window.ran = true</script>
      <script type="application/ld+json">{"broken</script>
      <script type="application/LD+JSON">${JSON.stringify({ '@graph': [RECIPE] })}</script></head>
      <body><img src="x" onerror="window.ran = true"><p>Words</p></body></html>`;
    expect(came(page, 'saved.html')).toEqual(recipes);
    expect((window as { ran?: boolean }).ran).toBeUndefined();
  });

  it('is a telling where it is words, a page’s words where it has no data, and a table by its name', () => {
    expect(came('2 cups rice\nSimmer.')).toEqual({ kind: 'telling', text: '2 cups rice\nSimmer.' });
    expect(came('<html><body><nav>Menu</nav><p>2 cups rice</p></body></html>')).toEqual({
      kind: 'telling',
      text: '2 cups rice',
    });
    expect(came('label,water\nStock,95', 'own.csv')).toMatchObject({ kind: 'table' });
    expect(came(`2 cups rice\n${'x'.repeat(70_000)}`)).toMatchObject({ kind: 'telling' });
  });

  it('is everything of a household where it says so, and nothing where it is something else', () => {
    expect(came('{"format":"hammock.archive","version":1}')).toMatchObject({ kind: 'archive' });
    for (const text of [
      '',
      '   ',
      '{}',
      '[1,2]',
      '{"@type":"Person","name":"x"}',
      '<html><body></body></html>',
    ])
      expect(came(text)).toEqual({ kind: 'nothing' });
  });

  it('pasted as a program has it becomes its lines; what is half pasted stays as it is', () => {
    expect(asTelling(JSON.stringify(RECIPE))).toBe(TOLD);
    for (const text of ['2 cups rice', '{"@type":"Rec', '<3 this', '[1]']) expect(asTelling(text)).toBe(text);
  });
});
