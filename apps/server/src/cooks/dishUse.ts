import { ApiProperty } from '@nestjs/swagger';

/** How a dish has done so far. */
export class DishUse {
  @ApiProperty({ format: 'uuid' }) dishId: string;
  @ApiProperty() cooks: number;
  @ApiProperty({ description: 'Those with an outcome' }) judged: number;
  @ApiProperty({ description: 'Those that came out as wanted' }) asWanted: number;
  @ApiProperty({ description: 'ms since the epoch' }) lastAtMs: number;
}
