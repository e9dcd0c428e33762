import type { Type } from '@nestjs/common';
import type { DataSource } from 'typeorm';
import { BagDto } from '../bags/bag.dto.js';
import { Bag } from '../bags/bag.entity.js';
import { Cook } from '../cooks/cook.entity.js';
import { Outcome } from '../cooks/outcome.entity.js';
import { TapRow } from '../cooks/tap.entity.js';
import { CupDto } from '../cups/cup.dto.js';
import { Cup } from '../cups/cup.entity.js';
import { DishDto } from '../dishes/dish.dto.js';
import { Dish } from '../dishes/dish.entity.js';
import { HobDto } from '../hobs/hob.dto.js';
import { Hob } from '../hobs/hob.entity.js';
import { Household } from '../household/household.entity.js';
import { KeptIngredientDto } from '../ingredients/ingredient.dto.js';
import { OwnIngredient } from '../ingredients/ingredient.entity.js';
import { OwnMethodDto } from '../methods/method.dto.js';
import { OwnMethod } from '../methods/method.entity.js';
import { StoredPlanDto } from '../plans/plan.dto.js';
import { Plan } from '../plans/plan.entity.js';
import { SteamTestDto } from '../steamTests/steamTest.dto.js';
import { SteamTest } from '../steamTests/steamTest.entity.js';
import { VesselDto } from '../vessels/vessel.dto.js';
import { Vessel } from '../vessels/vessel.entity.js';

/** What an archive says it is, and of which version. */
export const FORMAT = 'hammock.archive';
export const VERSION = 1;

/** Kept things in the order they are put back: a plan names its dish. */
export const KEPT = [
  ['bags', Bag, BagDto],
  ['vessels', Vessel, VesselDto],
  ['hobs', Hob, HobDto],
  ['cups', Cup, CupDto],
  ['dishes', Dish, DishDto],
  ['ingredients', OwnIngredient, KeptIngredientDto],
  ['methods', OwnMethod, OwnMethodDto],
  ['steamTests', SteamTest, SteamTestDto],
  ['plans', Plan, StoredPlanDto],
] as const satisfies readonly (readonly [string, Type, Type])[];
export type KeptKey = (typeof KEPT)[number][0];

/** Where a row stands in the order of everything stored is the business of one database. */
const OF_ONE_DATABASE: ReadonlySet<string> = new Set(['revision', 'seq']);

/** A table as its rows travel: names of its columns, and which hold JSON or a yes and no. */
export interface Columns {
  readonly table: string;
  readonly names: readonly string[];
  readonly json: ReadonlySet<string>;
  readonly flags: ReadonlySet<string>;
}

/** The columns of an entity as they travel. */
function columnsOf(source: DataSource, entity: Type): Columns {
  const { tableName, columns } = source.getMetadata(entity);
  const travel = columns.filter((c) => !OF_ONE_DATABASE.has(c.propertyName));
  const those = (type: string) => new Set(travel.filter((c) => c.type === type).map((c) => c.propertyName));
  return {
    table: tableName,
    names: travel.map((c) => c.propertyName),
    json: those('simple-json'),
    flags: those('boolean'),
  };
}

/** All tables of an archive. */
export const tablesOf = (source: DataSource) => ({
  household: columnsOf(source, Household),
  kept: KEPT.map(([key, entity]) => [key, columnsOf(source, entity)] as const),
  cook: columnsOf(source, Cook),
  tap: columnsOf(source, TapRow),
  outcome: columnsOf(source, Outcome),
});
export type Tables = ReturnType<typeof tablesOf>;

type Values = Readonly<Record<string, unknown>>;

/**
 * A row of a database as the text it travels as. What is JSON in the row is so already: it was written by JSON.stringify, and is not
 * read and written again.
 * @param more texts of further fields
 */
export function travelText(
  row: Values,
  { names, json, flags }: Columns,
  {
    without = [],
    more = [],
  }: { readonly without?: readonly string[]; readonly more?: readonly string[] } = {},
): string {
  const fields = names
    .filter((n) => !without.includes(n))
    .map((n) => {
      const value = row[n];
      if (json.has(n)) return `${JSON.stringify(n)}:${typeof value === 'string' ? value : 'null'}`;
      return `${JSON.stringify(n)}:${JSON.stringify(flags.has(n) ? value === 1 : value)}`;
    });
  return `{${[...fields, ...more].join(',')}}`;
}

/** A row that travelled as a database takes it; what is not said of it is null. */
export const toRow = (row: Values, { names, json, flags }: Columns): readonly unknown[] =>
  names.map((n) => {
    const value = row[n] ?? null;
    if (json.has(n)) return value === null ? null : JSON.stringify(value);
    return flags.has(n) ? Number(value === true) : value;
  });
