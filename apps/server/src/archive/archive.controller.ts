import { Body, Controller, Delete, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import {
  ApiBody,
  ApiOkResponse,
  ApiOperation,
  ApiProduces,
  ApiProperty,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Allow } from '../guard/allow.js';
import { ChoiceField, FlagField } from '../common/fields.js';
import { Costs } from '../guard/inHand.js';
import { UuidParam } from '../common/uuidParam.js';
import { HOWS, type How, type LookedOver } from './archiveIn.js';
import { ARCHIVE_SCHEMA } from './archiveSchema.js';
import { ArchiveService } from './archive.service.js';
import type { Asked } from '../guard/asks.js';
import { receive } from './incoming.js';
import { Database } from '../database/database.js';

/** How an archive is put back. */
export class HowDto {
  @ChoiceField(HOWS, { about: 'merge: into what is here, the newer of two winning; instead: in place of it' })
  how: How;

  @FlagField({
    about: 'For instead: that a file with nothing in it is meant to leave nothing here',
    optional: true,
  })
  evenIfEmpty?: boolean;
}

/** That it is meant. */
export class MeantDto {
  @ChoiceField(['everything'], { about: 'The word that says that it is meant' })
  takeAway: 'everything';
}

/** An archive that was looked over. */
export class LookedOverReply implements LookedOver {
  @ApiProperty({ format: 'uuid', description: 'Names the file until it is put in' })
  id: string;

  @ApiProperty({
    description: 'By list: how many of it are not here, newer than here, and here already',
    type: 'object',
    additionalProperties: {
      type: 'object',
      properties: { added: { type: 'integer' }, newer: { type: 'integer' }, same: { type: 'integer' } },
    },
  })
  lists: LookedOver['lists'];

  @ApiProperty({ description: 'What cannot be read and is left out: its list and field', type: [String] })
  wrong: readonly string[];

  @ApiProperty()
  wrongCount: number;
}

/** How far it has come. */
export class ShareReply {
  @ApiProperty({ minimum: 0, maximum: 1 })
  share: number;
}

/** A reader that takes nothing for this time is gone, ms. */
const STALLED_MS = 60_000;

@ApiTags('archive')
@Controller('api')
export class ArchiveController {
  constructor(
    private readonly archive: ArchiveService,
    private readonly database: Database,
  ) {}

  @Get('archive')
  @Allow('cook')
  @Costs(4)
  @ApiOperation({
    summary: 'Everything the household wrote down, as one JSON text (docs/archive.schema.json)',
  })
  @ApiProduces('application/json')
  @ApiOkResponse({ schema: { type: 'object' } })
  async out(@Res() response: Response): Promise<void> {
    response.setHeader('content-type', 'application/json; charset=utf-8');
    response.setHeader('content-disposition', 'attachment; filename="hammock-household.json"');
    // Who goes away in the middle is no failure; who stops reading holds the whole file's state as it was, and is not waited for.
    response.setTimeout(STALLED_MS, () => response.destroy());
    await pipeline(Readable.from(this.archive.text()), response).catch(() => undefined);
  }

  @Get('archive/schema')
  @Allow('cook')
  @ApiOperation({ summary: 'What an archive is, by JSON Schema' })
  @ApiOkResponse({ schema: { type: 'object' } })
  schema(): object {
    return ARCHIVE_SCHEMA;
  }

  @Post('archive/incoming')
  @Allow('cook')
  @Costs(4)
  @HttpCode(200)
  @ApiOperation({ summary: 'Looks an archive over: what putting it in would do. Nothing is changed' })
  @ApiQuery({
    name: 'as',
    required: false,
    schema: { type: 'string', format: 'uuid' },
    description: 'Names it from the start, to be asked how far it has come',
  })
  @ApiBody({ schema: { type: 'object' } })
  @ApiOkResponse({ type: LookedOverReply })
  async look(@Req() request: Request): Promise<LookedOverReply> {
    const id = await receive(request, this.database.file);
    return { id, ...(await this.archive.look(id)) };
  }

  @Post('archive/incoming/:id')
  @Allow('cook')
  @Costs(4)
  @HttpCode(200)
  @ApiOperation({
    summary: 'Puts an archive in that was looked over, all of it or nothing; a copy is made before',
  })
  @ApiOkResponse({ type: LookedOverReply })
  async put(
    @Param('id', new UuidParam('id')) id: string,
    @Body() { how, evenIfEmpty }: HowDto,
  ): Promise<LookedOverReply> {
    return { id, ...(await this.archive.put(id, how, evenIfEmpty)) };
  }

  @Get('archive/incoming/:id')
  @Allow('cook')
  @ApiOperation({ summary: 'How much of an archive was gone through that is looked over or put in' })
  @ApiOkResponse({ type: ShareReply })
  share(@Param('id', new UuidParam('id')) id: string): ShareReply {
    return { share: this.archive.share(id) };
  }

  @Delete('archive/incoming/:id')
  @Allow('cook')
  @HttpCode(204)
  @ApiOperation({
    summary: 'Forgets an archive that was looked over; one that is being gone through is stopped',
  })
  forget(@Param('id', new UuidParam('id')) id: string): void {
    this.archive.forget(id);
  }

  @Post('everything')
  @Allow('cook')
  @HttpCode(204)
  @ApiOperation({
    summary:
      'Takes everything of the household’s away for good: its copies, what was set aside and the devices too',
  })
  async takeAllAway(@Body() meant: MeantDto, @Req() { device }: Asked): Promise<void> {
    await this.archive.takeAllAway(meant.takeAway, device?.id);
  }
}
