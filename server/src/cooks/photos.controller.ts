import {
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Query,
  Req,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import { photoRecordSchema, photoRecordsSchema, RANGES, type PhotoRecord } from '@yellowmist/contract';
import type { Request, Response } from 'express';
import { ApiKey, KEY } from '../common/key.js';
import { openApi, problems } from '../common/openapi.js';
import { badFields } from '../common/problem.js';
import { PhotosService } from './photos.service.js';

/** A picture never changes under its address. */
const FOR_EVER = 'private, max-age=31536000, immutable';

@ApiTags('cooks')
@Controller('cooks/:id/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get()
  @ApiOperation({ summary: 'Photographs of a cook, in the order in which they were added' })
  @ApiOkResponse({ schema: openApi(photoRecordsSchema) })
  @problems(404)
  list(@Param('id', ParseUUIDPipe) id: string): Promise<PhotoRecord[]> {
    return this.photos.of(id);
  }

  @Post()
  @UseInterceptors(FileInterceptor('photo', { limits: { fileSize: RANGES.photoBytes.max, files: 1, fields: 4 } }))
  @ApiOperation({
    summary:
      'Add a photograph: the picture itself as the body, or a form with the field `photo`. It is checked by its content, turned upright, made small, and keeps no place, time or device. `dish` names the dish that it shows. Sent again with the same `key`, it is kept once: whoever got no answer may send it again',
  })
  @ApiQuery({ name: 'dish', required: false })
  @ApiKey()
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp', 'image/avif', 'multipart/form-data')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ schema: openApi(photoRecordSchema) })
  @problems(400, 404, 409, 413)
  add(
    @Param('id', ParseUUIDPipe) id: string,
    @Req() { body }: Request,
    @UploadedFile() form: { buffer: Buffer } | undefined,
    @Query('dish') dish: string | undefined,
    @Query('key', KEY) key: string | undefined,
  ): Promise<PhotoRecord> {
    const file = form?.buffer ?? (Buffer.isBuffer(body) ? body : null);
    if (!file?.length)
      throw badFields([
        { field: 'photo', message: 'photo is missing: send the picture as the body, or as photo in a form' },
      ]);
    return this.photos.add(id, file, dish, key);
  }

  @Get(':photo')
  @ApiOperation({ summary: 'A photograph itself, a JPEG' })
  @ApiOkResponse({ content: { 'image/jpeg': { schema: { type: 'string', format: 'binary' } } } })
  @problems(404, 422)
  async file(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('photo', ParseUUIDPipe) photo: string,
    @Res() response: Response,
  ): Promise<void> {
    const { hash, bytes } = await this.photos.file(id, photo);
    response.type('image/jpeg').set({ 'Cache-Control': FOR_EVER, ETag: `"${hash}"` });
    response.send(bytes);
  }

  @Delete(':photo')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a photograph away; restore brings it back' })
  @ApiNoContentResponse()
  @problems(404)
  remove(@Param('id', ParseUUIDPipe) id: string, @Param('photo', ParseUUIDPipe) photo: string): Promise<void> {
    return this.photos.remove(id, photo);
  }

  @Post(':photo/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Undo that' })
  @ApiOkResponse({ schema: openApi(photoRecordSchema) })
  @problems(404, 409)
  restore(@Param('id', ParseUUIDPipe) id: string, @Param('photo', ParseUUIDPipe) photo: string): Promise<PhotoRecord> {
    return this.photos.restore(id, photo);
  }
}
