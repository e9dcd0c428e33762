import { grainById, ingredientById, PLAN_DEFAULTS, type Method, type Texture } from '@hammock/core';
import type { Learnt } from '@hammock/core/learning';
import { GUESTS, type Override } from '@hammock/core/records';
import type { KitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { valueAt, type LearntValue } from '../../stores/kitchen/learnt.js';
import { textureName } from '../../words/plan/textureWords.js';
import { METHOD } from '../../words/words.js';

/** One hidden value as it is read: what it is of, what was learnt of it, and what the household said itself. */
export interface LearntRow extends LearntValue {
  readonly id: string;
  readonly name: string;
  readonly told: Override | undefined;
}

/** Kinds in the order they are read. */
const ORDER = ['taste', 'step', 'who', 'bag', 'kind', 'lid', 'pot', 'dish', 'base', 'method'];

/** What a hidden value is of; undefined for a thing the household has no more, or that is nobody's. */
function nameOf(id: string, { bags, vessels, hobs, dishes, ingredients }: KitchenThings): string | undefined {
  const [kind = '', ...rest] = id.split(':');
  const what = rest.join(':');
  if (kind === 'taste') return 'Your taste';
  if (kind === 'who')
    return what === GUESTS ? 'Guests’ taste' : what === 'all' ? undefined : `${what}’s taste`;
  if (kind === 'step') return `What you call ${textureName(Number(what) as Texture).toLowerCase()}`;
  if (kind === 'kind') return grainById(what)?.name;
  if (kind === 'bag') return bags.find((b) => `${b.id}/${b.grainId}` === what)?.label;
  if (kind === 'dish') return dishes.find((d) => d.id === what)?.label;
  if (kind === 'method') return (METHOD as Readonly<Record<string, string>>)[what as Method];
  if (kind === 'base') {
    const name = ingredients.find((o) => o.id === what)?.label ?? ingredientById(what)?.name;
    return what === PLAN_DEFAULTS.pourWith ? 'Pots without a base' : name && `${name} as the base`;
  }
  if (kind === 'lid') return vessels.find((v) => v.id === what)?.label;
  const [vesselId, hobId] = what.split('/');
  const vessel = vessels.find((v) => v.id === vesselId)?.label;
  const hob = hobs.find((h) => h.id === hobId)?.label;
  return vessel === undefined || hob === undefined ? vessel : `${vessel} on ${hob.toLowerCase()}`;
}

/** Everything pots have taught that the household still has, by kind, the best known first. */
export function learntRows(learnt: Learnt | null, things: KitchenThings): readonly LearntRow[] {
  if (!learnt) return [];
  const kindAt = (id: string): number => ORDER.indexOf(id.split(':')[0] ?? '');
  return learnt.ids
    .flatMap((id, i): LearntRow[] => {
      const name = nameOf(id, things);
      if (name === undefined) return [];
      const told = things.household.told?.find((t) => t.id === id);
      return [{ id, name, ...valueAt(learnt, i), told }];
    })
    .sort((a, b) => kindAt(a.id) - kindAt(b.id) || b.pots - a.pots || (a.name < b.name ? -1 : 1));
}
