import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import {
  honestySchema,
  learningSchema,
  saveKitchenSchema,
  saveLearningSchema,
  type HonestyAnswer,
  type KitchenDocument,
  type LearningBody,
  type LearningDocument,
} from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { LearningService } from './learning.service.js';

type SaveLearning = LearningBody & { version: number };

@ApiTags('learning')
@Controller('learning')
export class LearningController {
  constructor(private readonly learning: LearningService) {}

  @Get()
  @ApiOperation({ summary: 'What the cooks taught of each fryer, how sure it is, and which cook said what' })
  @ApiOkResponse({ schema: openApi(learningSchema) })
  @problems(503)
  read(): Promise<LearningDocument> {
    return this.learning.read();
  }

  @Get('honesty')
  @ApiOperation({
    summary:
      'How right plans have been: each cook as it was to be expected by its fryer’s page and by the cooks before it, beside what was noted',
  })
  @ApiOkResponse({ schema: openApi(honestySchema) })
  @problems(503)
  honesty(): Promise<HonestyAnswer> {
    return this.learning.honesty();
  }

  @Get('kitchen')
  @ApiOperation({
    summary: 'The kitchen as every plan takes it: fryers and pace as they were learned, where that is on',
  })
  @ApiOkResponse({ schema: openApi(saveKitchenSchema) })
  kitchen(): Promise<KitchenDocument> {
    return this.learning.kitchenInUse();
  }

  @Put()
  @ApiOperation({
    summary: 'Use it in every plan or not (`on`), weigh a cook out (`leftOut`), forget a fryer up to now (`since`)',
  })
  @ApiBody({ schema: openApi(saveLearningSchema) })
  @ApiOkResponse({ schema: openApi(learningSchema) })
  @problems(400, 409, 503)
  save(@Body(new JoiPipe<SaveLearning>(saveLearningSchema)) body: SaveLearning): Promise<LearningDocument> {
    return this.learning.save(body);
  }
}
