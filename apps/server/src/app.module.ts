import { type DynamicModule, Module } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_PIPE } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AnswerModule } from './answer/answer.module.js';
import { ArchiveModule } from './archive/archive.module.js';
import { BagsModule } from './bags/bags.module.js';
import { ChangesModule } from './changes/changes.module.js';
import { CommonModule } from './common/common.module.js';
import { ProblemFilter } from './common/problemFilter.js';
import { RateWindow } from './common/rateWindow.js';
import { validation } from './common/validation.js';
import { DocsModule } from './docs.module.js';
import { RightsGuard } from './guard/allow.js';
import { senderOf, type Asked } from './guard/asks.js';
import { EpochGuard } from './guard/epoch.js';
import { WeightGuard } from './guard/inHand.js';
import type { Config } from './config.js';
import { CopiesModule } from './copies/copies.module.js';
import { CooksModule } from './cooks/cooks.module.js';
import { CupsModule } from './cups/cups.module.js';
import type { Database } from './database/database.js';
import { readerOptions } from './database/dataSource.js';
import { DevicesModule } from './devices/devices.module.js';
import { DishesModule } from './dishes/dishes.module.js';
import { HealthModule } from './health/health.module.js';
import { HobsModule } from './hobs/hobs.module.js';
import { HouseholdModule } from './household/household.module.js';
import { InstrumentsModule } from './instruments/instruments.module.js';
import { IngredientsModule } from './ingredients/ingredients.module.js';
import { FormatsModule } from './formats/formats.module.js';
import { LearningModule } from './learning/learning.module.js';
import { MethodsModule } from './methods/methods.module.js';
import { PlansModule } from './plans/plans.module.js';
import { SteamTestsModule } from './steamTests/steamTests.module.js';
import { VesselsModule } from './vessels/vessels.module.js';

/** The whole server. */
@Module({})
export class AppModule {
  static with(config: Config, database: Database): DynamicModule {
    return {
      module: AppModule,
      imports: [
        // The file was opened and looked at already: what fails now does not get better by trying again.
        TypeOrmModule.forRoot({ ...readerOptions(config.databaseFile), retryAttempts: 0 }),
        ThrottlerModule.forRoot({
          throttlers: [{ ttl: config.rate.windowMs, limit: config.rate.limit }],
          storage: new RateWindow(),
          // One count for each device that was let in, and one for each address: behind a proxy all have one address.
          getTracker: (request) => senderOf(request as Asked),
          // The usual key is a hash per route, which costs more than the answer's physics.
          generateKey: (_context, tracker) => tracker,
        }),
        CommonModule.with(database),
        HealthModule.with(config.fellAtMs),
        AnswerModule,
        HouseholdModule,
        BagsModule,
        VesselsModule,
        HobsModule,
        CupsModule,
        DishesModule,
        IngredientsModule,
        MethodsModule,
        SteamTestsModule,
        PlansModule,
        CooksModule,
        LearningModule,
        FormatsModule,
        ArchiveModule,
        InstrumentsModule.with(config.instruments),
        DevicesModule.with(config.house),
        ChangesModule,
        CopiesModule,
        DocsModule,
      ],
      providers: [
        { provide: APP_FILTER, useClass: ProblemFilter },
        { provide: APP_PIPE, useFactory: () => validation() },
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_GUARD, useClass: RightsGuard },
        { provide: APP_GUARD, useClass: EpochGuard },
        { provide: APP_GUARD, useClass: WeightGuard },
      ],
    };
  }
}
