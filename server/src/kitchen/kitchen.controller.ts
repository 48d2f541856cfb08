import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { saveKitchenSchema, type KitchenDocument } from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi } from '../common/openapi.js';
import { KitchenService } from './kitchen.service.js';

@ApiTags('kitchen')
@Controller('kitchen')
export class KitchenController {
  constructor(private readonly kitchen: KitchenService) {}

  @Get()
  @ApiOperation({ summary: 'Fryers and sprayers of this kitchen, with what was measured of them' })
  read(): Promise<KitchenDocument> {
    return this.kitchen.read();
  }

  @Put()
  @ApiOperation({ summary: 'Save the kitchen over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(saveKitchenSchema) })
  save(
    @Body(new JoiPipe<KitchenDocument>(saveKitchenSchema)) { version, ...body }: KitchenDocument,
  ): Promise<KitchenDocument> {
    return this.kitchen.save(version, body);
  }
}
