import type { DataSourceOptions } from 'typeorm';
import { Bag } from '../bags/bag.entity.js';
import { Cook } from '../cooks/cook.entity.js';
import { Outcome } from '../cooks/outcome.entity.js';
import { TapRow } from '../cooks/tap.entity.js';
import { Cup } from '../cups/cup.entity.js';
import { Device } from '../devices/device.entity.js';
import { Dish } from '../dishes/dish.entity.js';
import { Hob } from '../hobs/hob.entity.js';
import { Household } from '../household/household.entity.js';
import { OwnIngredient } from '../ingredients/ingredient.entity.js';
import { PotEvidence } from '../learning/potEvidence.entity.js';
import { OwnMethod } from '../methods/method.entity.js';
import { Plan } from '../plans/plan.entity.js';
import { SteamTest } from '../steamTests/steamTest.entity.js';
import { Vessel } from '../vessels/vessel.entity.js';
import { FirstSchema1764000000000 } from './migrations/1764000000000-firstSchema.js';
import { FirstKitchen1764000000001 } from './migrations/1764000000001-firstKitchen.js';
import { WholeKitchen1764100000000 } from './migrations/1764100000000-wholeKitchen.js';
import { Revisions1764200000000 } from './migrations/1764200000000-revisions.js';
import { BagAmylose1764300000000 } from './migrations/1764300000000-bagAmylose.js';
import { HouseholdScale1764400000000 } from './migrations/1764400000000-householdScale.js';
import { Sayings1764500000000 } from './migrations/1764500000000-sayings.js';
import { Learning1764600000000 } from './migrations/1764600000000-learning.js';
import { People1764700000000 } from './migrations/1764700000000-people.js';
import { Devices1764800000000 } from './migrations/1764800000000-devices.js';
import { Epoch1764900000000 } from './migrations/1764900000000-epoch.js';

const ENTITIES = [
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
  TapRow,
  Outcome,
  Device,
  PotEvidence,
];

/** Every change of the schema so far, oldest first. */
export const MIGRATIONS = [
  FirstSchema1764000000000,
  FirstKitchen1764000000001,
  WholeKitchen1764100000000,
  Revisions1764200000000,
  BagAmylose1764300000000,
  HouseholdScale1764400000000,
  Sayings1764500000000,
  Learning1764600000000,
  People1764700000000,
  Devices1764800000000,
  Epoch1764900000000,
];

/** A commit waits for the disk: what was acknowledged is there after a power cut. */
function waitForDisk(handle: { pragma: (words: string) => unknown }): void {
  handle.pragma('synchronous = FULL');
}

/** How the connection that writes is opened: WAL, foreign keys, never synchronised from entities. */
export const writerOptions = (database: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database,
  enableWAL: true,
  prepareDatabase: waitForDisk,
  entities: ENTITIES,
  migrations: MIGRATIONS,
  migrationsRun: false,
  synchronize: false,
});

/** How the connection that reads is opened, after the one that writes. It sees what is committed, and nothing else. */
export const readerOptions = (database: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database,
  readonly: true,
  fileMustExist: true,
  entities: ENTITIES,
  synchronize: false,
});
