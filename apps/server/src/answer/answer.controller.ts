import { Body, Controller, HttpCode, Post, Res } from '@nestjs/common';
import {
  ApiBadRequestResponse,
  ApiBody,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
  ApiUnprocessableEntityResponse,
} from '@nestjs/swagger';
import type { AnswerReply, CourseReply } from '@hammock/core/records';
import type { Response } from 'express';
import { Allow } from '../guard/allow.js';
import { Costs } from '../guard/inHand.js';
import { leaving } from '../common/leaving.js';
import { Problem } from '../common/problems.js';
import { ShapePipe } from '../common/shapePipe.js';
import { ANSWER_EXAMPLE } from './answer.example.js';
import { AnswerService } from './answer.service.js';
import { ASK, AskDto, COURSE_ASK, CourseAskDto, type Ask, type CourseAsk } from './ask.dto.js';

@ApiTags('answer')
@Controller('api')
export class AnswerController {
  constructor(private readonly answers: AnswerService) {}

  @Post('answer')
  @Allow('cook')
  @HttpCode(200)
  @ApiOperation({ summary: 'What to pour into this pot, and where every gram of it goes. Stores nothing.' })
  @ApiBody({
    type: AskDto,
    examples: { pilaf: { summary: 'A toasted stock pilaf', value: ANSWER_EXAMPLE } },
  })
  @ApiOkResponse({ schema: { $ref: '#/components/schemas/AnswerReply' } })
  @ApiBadRequestResponse({ type: Problem, description: 'A field cannot be read' })
  @ApiUnprocessableEntityResponse({
    type: Problem,
    description: 'The plan cannot be cooked; says why, at the field',
  })
  answer(
    @Body(new ShapePipe<Ask>(ASK)) plan: object,
    @Res({ passthrough: true }) response: Response,
  ): Promise<AnswerReply> {
    return this.answers.ask(plan as Ask, leaving(response));
  }

  @Post('course')
  @Allow('cook')
  @Costs(3)
  @HttpCode(200)
  @ApiOperation({
    summary: 'The pot over time, with what goes wrong and what would avoid it. Stores nothing.',
  })
  @ApiBody({
    type: CourseAskDto,
    examples: { pilaf: { summary: 'A toasted stock pilaf', value: ANSWER_EXAMPLE } },
  })
  @ApiOkResponse({ schema: { $ref: '#/components/schemas/CourseReply' } })
  @ApiBadRequestResponse({ type: Problem, description: 'A field cannot be read' })
  @ApiUnprocessableEntityResponse({ type: Problem, description: 'The plan cannot be read as a pot' })
  course(
    @Body(new ShapePipe<CourseAsk>(COURSE_ASK)) plan: object,
    @Res({ passthrough: true }) response: Response,
  ): Promise<CourseReply> {
    return this.answers.course(plan as CourseAsk, leaving(response));
  }
}
