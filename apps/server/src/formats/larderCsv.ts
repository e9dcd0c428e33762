import { INGREDIENTS, type Answer } from '@hammock/core';
import { csvOf } from './csv.js';

/** The larder as a table: what everything is made of, g per 100 g. */
export const larderCsv = (): string =>
  csvOf(INGREDIENTS, {
    id: (r) => r.id,
    name: (r) => r.name,
    water: (r) => r.water,
    fat: (r) => r.fat,
    other_solids: (r) => r.solids,
    salt: (r) => r.salt,
    density_g_per_ml: (r) => r.densityGPerMl,
    pieces: (r) => r.units.map((u) => `${u.name} ${u.g.toString()} g`).join('; '),
    allergens: (r) => r.allergens.join('; '),
    source: (r) => r.source,
  });

/** The account of one pot as a table: where every gram of its water comes from and goes, with what it was worked out from. */
export const accountCsv = ({ account }: Pick<Answer, 'account'>): string =>
  csvOf(account.terms, {
    side: (t) => (t.side === 'comesFrom' ? 'comes from' : 'goes to'),
    term: (t) => t.kind,
    of: (t) => t.of ?? '',
    water_g: (t) => Math.round(10 * t.g) / 10,
    worked_out_from: (t) =>
      Object.entries(t.inputs)
        .map(([name, value]) => `${name}=${String(value)}`)
        .join('; '),
  });
