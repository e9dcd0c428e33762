import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import {
  ApiBadRequestResponse,
  ApiBody,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
  ApiUnprocessableEntityResponse,
} from '@nestjs/swagger';
import type { AnswerReply } from '@hammock/core';
import { Problem } from '../common/problems.js';
import { ANSWER_EXAMPLE } from './answer.example.js';
import { AnswerDto } from './answer.dto.js';
import { AnswerService } from './answer.service.js';
import { PlanDto } from './plan.dto.js';

@ApiTags('answer')
@Controller('api/answer')
export class AnswerController {
  constructor(private readonly answers: AnswerService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'What to pour into this pot, and where every gram of it goes. Stores nothing.' })
  @ApiBody({
    type: PlanDto,
    examples: { pilaf: { summary: 'A toasted stock pilaf', value: ANSWER_EXAMPLE } },
  })
  @ApiOkResponse({ type: AnswerDto })
  @ApiBadRequestResponse({ type: Problem, description: 'A field cannot be read' })
  @ApiUnprocessableEntityResponse({
    type: Problem,
    description: 'The plan cannot be cooked; says why, at the field',
  })
  answer(@Body() plan: PlanDto): AnswerReply {
    return this.answers.answer(plan);
  }
}
