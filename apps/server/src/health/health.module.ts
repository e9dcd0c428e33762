import { Controller, Get, Inject, Module, type DynamicModule } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow } from '../guard/allow.js';

/** When it fell. */
const FELL = Symbol('fell');

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(@Inject(FELL) private readonly fellAtMs: number | null) {}

  @Get()
  @Allow('guest')
  @ApiOkResponse({
    schema: {
      type: 'object',
      required: ['ok'],
      properties: {
        ok: { type: 'boolean', enum: [true] },
        fellAtMs: { type: 'number', description: 'When it fell and was started again, ms since the epoch' },
      },
    },
  })
  read(): { readonly ok: true; readonly fellAtMs?: number } {
    return { ok: true, ...(this.fellAtMs === null ? {} : { fellAtMs: this.fellAtMs }) };
  }
}

/** Whether the server is there: what the screens ask when they lost it. */
@Module({ controllers: [HealthController] })
export class HealthModule {
  static with(fellAtMs: number | undefined): DynamicModule {
    return { module: HealthModule, providers: [{ provide: FELL, useValue: fellAtMs ?? null }] };
  }
}
