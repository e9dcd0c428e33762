import type { DataSourceOptions } from 'typeorm';
import { Bag } from '../bags/bag.entity.js';
import { Cook } from '../cooks/cook.entity.js';
import { Outcome } from '../cooks/outcome.entity.js';
import { StageEventRow } from '../cooks/stageEvent.entity.js';
import { Cup } from '../cups/cup.entity.js';
import { Dish } from '../dishes/dish.entity.js';
import { Hob } from '../hobs/hob.entity.js';
import { Household } from '../household/household.entity.js';
import { OwnIngredient } from '../ingredients/ingredient.entity.js';
import { OwnMethod } from '../methods/method.entity.js';
import { Plan } from '../plans/plan.entity.js';
import { SteamTest } from '../steamTests/steamTest.entity.js';
import { Vessel } from '../vessels/vessel.entity.js';
import { FirstSchema1764000000000 } from './migrations/1764000000000-firstSchema.js';
import { FirstKitchen1764000000001 } from './migrations/1764000000001-firstKitchen.js';
import { WholeKitchen1764100000000 } from './migrations/1764100000000-wholeKitchen.js';

/** How the database is opened: WAL, foreign keys, migrations at the start, never synchronised from entities. */
export const dataSourceOptions = (databaseFile: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database: databaseFile,
  enableWAL: true,
  entities: [
    Household,
    Bag,
    Vessel,
    Hob,
    Cup,
    Dish,
    OwnIngredient,
    OwnMethod,
    SteamTest,
    Plan,
    Cook,
    StageEventRow,
    Outcome,
  ],
  migrations: [FirstSchema1764000000000, FirstKitchen1764000000001, WholeKitchen1764100000000],
  migrationsRun: true,
  synchronize: false,
});
