/** A table in markdown. */
const table = (heads, rows) =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n');

/** A grain's figures, as the page calls them. */
const GRAIN = {
  family: 'family',
  water: 'water',
  fat: 'fat',
  solids: 'other',
  densityGPerMl: 'density',
  soakedW: 'cold soak holds, W',
  soakRatePerMin: 'soaks, per min at 22 °C',
  uptakePerMin: 'drinks at the boil, per min',
  textureShift: 'texture shift, points',
  soakedShift: 'more when soaked, points',
  coveredMin: 'covered, min',
  longestSoakMin: 'longest soak, min',
  cookedWater: 'cooked, as published †',
};

/**
 * The larder as a page of the docs: what every grain and ingredient is taken to be. A dagger stands where a figure was
 * written down from memory and not read from its source on the day.
 */
export function larderPage({ GRAINS, INGREDIENTS, LOOK_W, RELEASE, SOURCES }) {
  const source = (id) => `${SOURCES[id].name}${SOURCES[id].memory ? ' †' : ''}`;
  const byName = (list) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  return `# The larder

Made from the code by \`npm run ledger\`; a test compares. † from memory. Water, fat, other solids and salt are g in 100 g; density is
g/ml; natural units are g each. W is g of water on 1 g of dry grain.

## Grains

${table(
  ['grain', ...Object.values(GRAIN), 'source'],
  byName(GRAINS).map((g) => [g.name, ...Object.keys(GRAIN).map((c) => g[c] ?? ''), source(g.source)]),
)}

## Ingredients

${table(
  ['ingredient', 'water', 'fat', 'other', 'salt', 'density', 'behaves', 'natural units', 'marks', 'source'],
  byName(INGREDIENTS).map((i) => [
    i.name,
    i.water,
    i.fat,
    i.solids,
    i.salt,
    i.densityGPerMl,
    i.behaves,
    i.units.map((u) => `${u.name} ${u.g}`).join(', '),
    [
      i.film && `leaves a film of ${i.film}`,
      i.rawMeat && 'raw meat',
      i.lowSodium && 'low in sodium',
      ...i.allergens,
    ]
      .filter(Boolean)
      .join(', '),
    source(i.source),
  ]),
)}

## What each way of cooking down sets free

Share of an ingredient's own water that still reaches the grain, and what it drinks, g per g. A look is a moisture of the
whole base: water left per gram of fat-free solids, and never more than the ingredient brings uncooked. All †, before the
table of practice (docs/accuracy.md).

${table(
  ['behaves', 'state', 'sets free', 'drinks'],
  Object.entries(RELEASE).flatMap(([behaves, all]) =>
    all.map((r) => [
      behaves,
      r.state,
      r.byLook ? `its look: ${LOOK_W[r.state]} g per g of solids` : r.available,
      r.drinks,
    ]),
  ),
)}
`;
}
