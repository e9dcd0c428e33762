import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Inject,
  Module,
  Param,
  Post,
  Req,
  Res,
  type DynamicModule,
} from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Allow } from '../guard/allow.js';
import { ChoiceField, TextField } from '../common/fields.js';
import { ProblemException } from '../common/problems.js';
import { UuidParam } from '../common/uuidParam.js';
import type { Asked } from '../guard/asks.js';
import { cookieName, cookieOptions, houseAddresses, type House } from '../guard/door.js';
import { ROLES, type Device, type Role } from './device.entity.js';
import { Pairing } from './pairing.js';

/** Whether devices of the house may be let in, and where. */
const HOUSE = Symbol('house');

export class CodeDto {
  @ChoiceField(ROLES, { about: 'cook does everything; guest reads what is on the stove' })
  role: Role;
}
export class JoinDto {
  @TextField(20, { about: 'The code that is shown where Hammock runs', example: '4827-1935' })
  code: string;

  @TextField(40, { about: 'What the device is called', example: 'Blue phone' })
  name: string;
}
export class CodeReply {
  @ApiProperty({ example: '4827-1935', description: 'Lets one device in' })
  code: string;
  @ApiProperty({ enum: ROLES })
  role: Role;
  @ApiProperty({ description: 'ms since the epoch' })
  endsAtMs: number;
  @ApiProperty({ type: [String], description: 'Where a phone of the house finds Hammock' })
  addresses: readonly string[];
}
export class DeviceReply {
  @ApiProperty({ format: 'uuid' })
  id: string;
  @ApiProperty()
  name: string;
  @ApiProperty({ enum: ROLES })
  role: Role;
  @ApiProperty({ description: 'ms since the epoch' })
  joinedAtMs: number;
  @ApiProperty({ description: 'ms since the epoch' })
  seenAtMs: number;
  @ApiProperty({ description: 'True for the device that asks' })
  isThis: boolean;
}
export class MeReply {
  @ApiProperty({
    enum: ['here', 'none', ...ROLES],
    description: 'here: on the machine Hammock runs on; none: not let in',
  })
  role: Role | 'here' | 'none';
  @ApiProperty({ description: 'Whether devices of the house can be let in' })
  isOpen: boolean;
}

@ApiTags('devices')
@Controller('api/devices')
export class DevicesController {
  constructor(
    private readonly pairing: Pairing,
    @Inject(HOUSE) private readonly house: House | null,
  ) {}

  @Get()
  @Allow('cook')
  @ApiOperation({ summary: 'Devices of the house that were let in' })
  @ApiOkResponse({ type: DeviceReply, isArray: true })
  list(@Req() { device }: Asked): readonly DeviceReply[] {
    return this.pairing.list().map((d) => told(d, device));
  }

  @Get('me')
  @Allow('anybody')
  @ApiOperation({ summary: 'Whether this device is let in, and as what' })
  @ApiOkResponse({ type: MeReply })
  me(@Req() request: Asked): MeReply {
    const { who = 'nobody' } = request;
    return { role: who === 'nobody' ? 'none' : who, isOpen: this.house !== null };
  }

  @Post('code')
  @Allow('cook')
  @HttpCode(200)
  @ApiOperation({ summary: 'A code that lets one device in, for ten minutes' })
  @ApiOkResponse({ type: CodeReply })
  code(@Body() { role }: CodeDto, @Req() request: Asked): CodeReply {
    if (!this.house)
      throw new ProblemException(
        409,
        'lan',
        'Only this machine is answered: start Hammock with --lan to let phones in',
      );
    const port = (request.socket.localPort ?? 0).toString();
    const { hosts = houseAddresses(), origin } = this.house;
    const addresses = [...(origin === undefined ? [] : [origin]), ...hosts.map((h) => `http://${h}:${port}`)];
    return { ...this.pairing.newCode(role), addresses };
  }

  @Post('join')
  @Allow('anybody')
  @HttpCode(200)
  @ApiOperation({ summary: 'Lets this device in by a code; it is known by a cookie from then on' })
  @ApiOkResponse({ type: DeviceReply })
  async join(
    @Body() { code, name }: JoinDto,
    @Req() request: Asked,
    @Res({ passthrough: true }) response: Response,
  ): Promise<DeviceReply> {
    const { device, secret } = await this.pairing.join(code, name, request.from ?? '');
    const house = this.house ?? undefined;
    response.cookie(cookieName(house), `${device.id}.${secret}`, cookieOptions(house));
    return told(device, device);
  }

  @Delete(':id')
  @Allow('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Lets a device go: it is out at once' })
  letGo(@Param('id', new UuidParam('id')) id: string): Promise<void> {
    return this.pairing.letGo(id);
  }
}

const told = ({ id, name, role, joinedAtMs, seenAtMs }: Device, asks: Device | undefined): DeviceReply => ({
  id,
  name,
  role,
  joinedAtMs,
  seenAtMs,
  isThis: id === asks?.id,
});

@Module({})
export class DevicesModule {
  static with(house: House | undefined): DynamicModule {
    return {
      module: DevicesModule,
      global: true,
      controllers: [DevicesController],
      providers: [Pairing, { provide: HOUSE, useValue: house ?? null }],
      exports: [Pairing],
    };
  }
}
