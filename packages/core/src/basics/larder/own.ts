import { fail, ok, type Result } from '../result.js';
import type { Allergen, Behaviour, Ingredient } from './composition.js';
import { RELEASE } from './composition.js';
import { ingredientById } from './larder.js';

/** How an ingredient differs from the one it is like. */
export const BODIES = ['thinner', 'same', 'thicker'] as const;
export type Body = (typeof BODIES)[number];

/** An ingredient of the household's own: by its figures, or by one it is like. */
export interface OwnIngredient {
  readonly id: string;
  readonly name: string;
  /** Id of a larder row or of another own ingredient whose figures it takes where it has none. */
  readonly like?: string;
  /** Half as much again of everything that is not water, or a third less. */
  readonly body?: Body;
  /** g per 100 g; what is left of 100 is other solids, salt among them. */
  readonly water?: number;
  readonly fat?: number;
  readonly salt?: number;
  readonly densityGPerMl?: number;
  readonly behaves?: Behaviour;
  readonly allergens?: readonly Allergen[];
}

/** Why an own ingredient cannot be used. */
export interface OwnProblem {
  readonly code:
    'circular' | 'unknownLike' | 'needsFigures' | 'overHundred' | 'unknownBehaviour' | 'needsName';
  readonly id: string;
  readonly field: 'name' | 'like' | 'water' | 'behaves';
  readonly found: string;
}

/** Solids against the ingredient it is like †. */
const BODY_SHARE: Readonly<Record<Body, number>> = { thinner: 2 / 3, same: 1, thicker: 1.5 };

/**
 * The own ingredients as larder rows. A chain of likes is followed to its end; one that comes back to itself is
 * refused.
 * @returns rows in the same order, or every problem
 * @example ownRows([{ id: 'o1', name: 'Our passata', like: 'tomatoPuree', body: 'thicker' }]).value[0].name // 'Our passata'
 */
export function ownRows(own: readonly OwnIngredient[]): Result<readonly Ingredient[], readonly OwnProblem[]> {
  const byId = new Map(own.map((o) => [o.id, o]));
  const problems: OwnProblem[] = [];
  const rows = own.flatMap((o) => {
    const row = rowOf(o, byId, new Set(), problems);
    return row ? [row] : [];
  });
  return problems.length > 0 ? fail(problems) : ok(rows);
}

function rowOf(
  own: OwnIngredient,
  byId: ReadonlyMap<string, OwnIngredient>,
  path: Set<string>,
  problems: OwnProblem[],
): Ingredient | undefined {
  const wrong = (code: OwnProblem['code'], field: OwnProblem['field'], found: string): undefined => {
    problems.push({ code, id: own.id, field, found });
    return undefined;
  };
  if (own.name.trim() === '') return wrong('needsName', 'name', '');
  if (path.has(own.id)) return wrong('circular', 'like', own.name);
  path.add(own.id);
  if (own.behaves !== undefined && !Object.hasOwn(RELEASE, own.behaves))
    return wrong('unknownBehaviour', 'behaves', own.behaves);
  let base: Ingredient | undefined;
  if (own.like !== undefined) {
    const other = byId.get(own.like);
    base = other ? rowOf(other, byId, path, problems) : ingredientById(own.like);
    if (!base) return other ? undefined : wrong('unknownLike', 'like', own.like);
  }
  if (!base && own.water === undefined) return wrong('needsFigures', 'water', '');
  return (
    figuresOf(own, base) ?? wrong('overHundred', 'water', `${String(own.water)} + ${String(own.fat ?? 0)}`)
  );
}

function figuresOf(own: OwnIngredient, base: Ingredient | undefined): Ingredient | undefined {
  const share = BODY_SHARE[own.body ?? 'same'];
  // Oil or salt cannot be made half as thick again: never past dry.
  const kept = base ? Math.min(share, 100 / Math.max(1e-9, base.fat + base.solids)) : 1;
  const fat = own.fat ?? (base?.fat ?? 0) * kept;
  const water = own.water ?? 100 - fat - (base?.solids ?? 0) * kept;
  const solids = Math.round((100 - water - fat) * 1000) / 1000;
  const salt = own.salt ?? (base?.salt ?? 0) * kept;
  if (solids < 0 || salt > solids + 1e-6) return undefined;
  return {
    id: own.id,
    name: own.name.trim(),
    water,
    fat,
    solids,
    salt,
    densityGPerMl: own.densityGPerMl ?? base?.densityGPerMl ?? 1,
    units: base?.units ?? [],
    also: [],
    allergens: own.allergens ?? base?.allergens ?? [],
    behaves: own.behaves ?? base?.behaves ?? (water > 80 ? 'liquid' : 'dry'),
    source: 'household',
    ...(base?.film === undefined ? {} : { film: base.film }),
    ...(base?.rawMeat === undefined ? {} : { rawMeat: base.rawMeat }),
    ...(base?.lowSodium === undefined ? {} : { lowSodium: base.lowSodium }),
  };
}
