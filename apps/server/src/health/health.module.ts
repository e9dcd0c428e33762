import { Controller, Get, Module } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow } from '../guard/allow.js';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  @Get()
  @Allow('guest')
  @ApiOkResponse({
    schema: { type: 'object', required: ['ok'], properties: { ok: { type: 'boolean', enum: [true] } } },
  })
  read(): { ok: true } {
    return { ok: true };
  }
}

/** Whether the server is there: what the screens ask when they lost it. */
@Module({ controllers: [HealthController] })
export class HealthModule {}
