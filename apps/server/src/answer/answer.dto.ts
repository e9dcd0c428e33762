import { ApiProperty } from '@nestjs/swagger';

/** Schemas of the reply, for the API document. The shapes themselves belong to the core. */
class PourDto {
  @ApiProperty({ example: 'stockChicken' }) ingredientId: string;
  @ApiProperty({
    description: 'Mass of the liquid; negative when the base alone brings too much',
    example: 702.1,
  })
  g: number;
  @ApiProperty({ example: 702.1 }) ml: number;
  @ApiProperty({ description: 'Water in it, g', example: 684.6 }) waterG: number;
}

class KeepByDto {
  @ApiProperty({ example: 60 }) g: number;
  @ApiProperty({ example: 60 }) ml: number;
}

class TermDto {
  @ApiProperty({ example: 'steam.simmer' }) id: string;
  @ApiProperty({
    enum: ['absorbed', 'steamLost', 'heldByOthers', 'drunkByOthers', 'broughtIn', 'clinging', 'pour'],
  })
  kind: string;
  @ApiProperty({ enum: ['comesFrom', 'goesTo'] }) side: string;
  @ApiProperty({ description: 'Water, g', example: 57.2 }) g: number;
  @ApiProperty({ required: false, description: 'Id of the ingredient or stage', example: 'simmer' })
  of?: string;
  @ApiProperty({
    type: 'object',
    additionalProperties: true,
    description: 'What it was worked out from; units in the names',
  })
  inputs: Record<string, number | string>;
}

class StageSteamDto {
  @ApiProperty({ example: 'simmer' }) stageId: string;
  @ApiProperty({ example: 'simmer' }) act: string;
  @ApiProperty({ example: 15 }) minutes: number;
  @ApiProperty({ example: 57.2 }) g: number;
  @ApiProperty({ example: 3.8 }) ratePerMin: number;
  @ApiProperty() boils: boolean;
}

class AccountDto {
  @ApiProperty({
    type: () => TermDto,
    isArray: true,
    description: 'All comesFrom together equal all goesTo together',
  })
  terms: TermDto[];
  @ApiProperty({ description: 'comesFrom − goesTo, g', example: 0 }) closesToG: number;
  @ApiProperty({ type: () => StageSteamDto, isArray: true }) steam: StageSteamDto[];
  @ApiProperty({ enum: ['converged', 'limitReached'] }) ended: string;
}

class SaltSourceDto {
  @ApiProperty({ example: 'stockChicken' }) ingredientId: string;
  @ApiProperty({ example: 6 }) g: number;
}

class BandDto {
  @ApiProperty({ example: 0.7 }) low: number;
  @ApiProperty({ example: 0.9 }) aim: number;
  @ApiProperty({ example: 1.1 }) high: number;
}

class SaltDto {
  @ApiProperty({ type: () => SaltSourceDto, isArray: true }) sources: SaltSourceDto[];
  @ApiProperty({ description: 'Salt already in, g' }) inG: number;
  @ApiProperty({ description: 'Salt to add, g' }) addG: number;
  @ApiProperty({ description: 'The same in level teaspoons of fine salt' }) addFineTsp: number;
  @ApiProperty({ type: () => BandDto, description: '% of the cooked pot' }) band: BandDto;
  @ApiProperty() cookedPercent: number;
  @ApiProperty({ description: '% of the liquid that tastes right before cooking' }) liquidPercent: number;
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'The salt this kitchen adds' })
  addWith: object;
  @ApiProperty({ description: 'One step of correcting by taste, g' }) stepG: number;
  @ApiProperty({ description: 'Plain water that thins it by one step' }) thinMl: number;
  @ApiProperty() ladledG: number;
  @ApiProperty() cookedG: number;
  @ApiProperty() perPortionG: number;
  @ApiProperty({ description: "Share of the adult's daily guideline (WHO, under 5 g)" }) shareOfDay: number;
}

class LevelsDto {
  @ApiProperty() potMm: number;
  @ApiProperty() grainMm: number;
  @ApiProperty() liquidMm: number;
  @ApiProperty() cookedMm: number;
  @ApiProperty() fullShare: number;
  @ApiProperty() needsMl: number;
  @ApiProperty({ description: 'Liquid above the grain; negative among it' }) aboveGrainMm: number;
  @ApiProperty({ description: 'The same by the first joint of a finger (25 mm)' }) joints: number;
  @ApiProperty() halfInches: number;
  @ApiProperty({ description: 'Pour at which liquid only shows at the corners' }) cornersMl: number;
  @ApiProperty() swollenShare: number;
  @ApiProperty({ description: 'Two thirds, or half under pressure' }) mostShare: number;
  @ApiProperty({ description: 'Most grain of this dish that this pot takes, g' }) largestGrainG: number;
}

class WindowDto {
  @ApiProperty({ description: 'Below this pour the grain is hard, ml' }) hardMl: number;
  @ApiProperty({ description: 'Dry edge of the wanted texture, ml' }) lowMl: number;
  @ApiProperty({ description: 'Wet edge of the wanted texture, ml' }) highMl: number;
  @ApiProperty({ description: 'Above this pour the grain is mush, ml' }) mushMl: number;
}

class CodedGramsDto {
  @ApiProperty({ example: 'hobPower' }) code: string;
  @ApiProperty({ example: 12 }) g: number;
}

class DoubtDto {
  @ApiProperty({ description: 'One standard deviation of the pour, g' }) g: number;
  @ApiProperty({ type: () => CodedGramsDto, isArray: true }) parts: CodedGramsDto[];
}

class BoilDto {
  @ApiProperty({ example: 99.97 }) tempC: number;
  @ApiProperty({ example: 2256.6 }) latentKJPerKg: number;

  @ApiProperty({ description: 'Air pressure', example: 101.3 }) kPa: number;
}

class DoubledDto {
  @ApiProperty({ description: 'Pour for twice of everything in the same pot, ml' }) pourMl: number;
  @ApiProperty({ description: 'That pour over this one', example: 1.8 }) ratio: number;
  @ApiProperty({ description: 'Steam lost then, g' }) steamG: number;
}

class CodedDto {
  @ApiProperty({ example: 'altitude' }) code: string;
  @ApiProperty({ type: 'object', additionalProperties: true }) values?: Record<string, number | string>;
}

class CautionDto {
  @ApiProperty({ example: 'leftovers' }) code: string;
  @ApiProperty({ type: String, isArray: true, required: false }) allergens?: string[];
}

class AdditionsDto {
  @ApiProperty() nowMl: number;
  @ApiProperty() laterMl: number;
}

class BaseAccountDto {
  @ApiProperty({ enum: ['state', 'heat', 'weighed'] }) by: string;
  @ApiProperty({ description: 'What the base weighs when the liquid goes in, g' }) massG: number;
  @ApiProperty() drivenOffG: number;
  @ApiProperty({ description: 'What its states alone would say, g' }) byStatesG: number;
  @ApiProperty() bringsG: number;
  @ApiProperty() ladledShare: number;
  @ApiProperty() ladledSaltG: number;
  @ApiProperty() wentInG: number;
  @ApiProperty() leastG: number;
}

class RuleDto {
  @ApiProperty({ example: 'oneToTwo' }) rule: string;
  @ApiProperty() ml: number;
  @ApiProperty({ description: 'Cooked moisture it gives, wet basis %' }) moisture: number;
  @ApiProperty({ description: 'On the five-step scale' }) texture: number;
}

class ComesOutDto {
  @ApiProperty() moisture: number;
  @ApiProperty() texture: number;
}

class WaysOutDto {
  @ApiProperty() overG: number;
  @ApiProperty() takeOutG: number;
  @ApiProperty({ enum: ['base', 'raw'] }) takeOutOf: string;
  @ApiProperty() takeOutSaltG: number;
  @ApiProperty() cookDownMin: number;
  @ApiProperty() heat: string;
  @ApiProperty() addGrainG: number;
}

class HeldDto {
  @ApiProperty() rule: string;
  @ApiProperty() accountMl: number;
}

class TargetDto {
  @ApiProperty({ example: 67 }) low: number;
  @ApiProperty({ example: 68.5 }) aim: number;
  @ApiProperty({ example: 70 }) high: number;
}

export class AnswerDto {
  @ApiProperty({ type: () => PourDto }) pour: PourDto;
  @ApiProperty({ type: () => PourDto, isArray: true, description: 'Everything poured, in order' })
  pours: PourDto[];
  @ApiProperty({ enum: ['pour', 'nothing', 'tooMuch'] }) verdict: string;
  @ApiProperty({ type: () => AdditionsDto }) additions: AdditionsDto;
  @ApiProperty({ type: () => WaysOutDto, required: false }) waysOut?: WaysOutDto;
  @ApiProperty({ type: () => BaseAccountDto }) base: BaseAccountDto;
  @ApiProperty({ type: () => ComesOutDto }) comesOut: ComesOutDto;
  @ApiProperty({ type: () => RuleDto, isArray: true, description: 'What rules of thumb would pour here' })
  rules: RuleDto[];
  @ApiProperty({ type: () => HeldDto, required: false }) held?: HeldDto;
  @ApiProperty({ description: 'Pots that each get this answer' }) pots: number;
  @ApiProperty({ type: () => KeepByDto, description: 'Hot liquid to keep ready' }) keepBy: KeepByDto;
  @ApiProperty({ type: () => AccountDto }) account: AccountDto;
  @ApiProperty({ type: () => SaltDto }) salt: SaltDto;
  @ApiProperty({ type: () => LevelsDto }) levels: LevelsDto;
  @ApiProperty({ type: () => TargetDto, description: 'Cooked moisture aimed at, wet basis %' })
  target: TargetDto;
  @ApiProperty({ type: () => WindowDto }) window: WindowDto;
  @ApiProperty({ type: () => DoubtDto }) doubt: DoubtDto;
  @ApiProperty({ type: () => BoilDto }) boil: BoilDto;
  @ApiProperty() grainG: number;
  @ApiProperty() portions: number;
  @ApiProperty({ type: 'array', items: { type: 'object', additionalProperties: true } }) stages: object[];
  @ApiProperty({ type: () => DoubledDto }) doubled: DoubledDto;
  @ApiProperty({ type: () => CodedDto, isArray: true }) warnings: CodedDto[];
  @ApiProperty({ type: () => CautionDto, isArray: true }) cautions: CautionDto[];
}
