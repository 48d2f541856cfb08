import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req, Res } from '@nestjs/common';
import {
  ApiBody,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
  ApiTooManyRequestsResponse,
} from '@nestjs/swagger';
import {
  accessChangeSchema,
  accessSchema,
  passphraseChangeSchema,
  signInSchema,
  type Access,
  type AccessChange,
  type PassphraseChange,
  type SignInRequest,
} from '@yellowmist/contract';
import type { Request, Response } from 'express';
import { askedBy } from '../common/gate.js';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { ProblemException } from '../common/problem.js';
import { AccessService } from './access.service.js';
import { giveCookies, takeCookies } from './cookies.js';
import { sessionOf } from './door.js';
import { isFromHome } from './home.js';

const AUTHORITY_TYPE = 'application/x-x509-ca-cert';

/** What a browser is called in the list, where the cook gives it no name. */
const deviceOf = ({ headers }: Request): string => {
  const [kind] = /iPhone|iPad|Android|Windows|Macintosh|Linux/.exec(headers['user-agent'] ?? '') ?? [];
  return kind ? `A browser (${kind})` : 'A browser';
};

@ApiTags('access')
@Controller('access')
export class AccessController {
  constructor(private readonly access: AccessService) {}

  @Get()
  @ApiOperation({ summary: 'Whether others in the house are let in, where they find it, and who is signed in' })
  @ApiOkResponse({ schema: openApi(accessSchema) })
  shown(@Req() request: Request): Promise<Access> {
    return this.access.shown(!isFromHome(request), sessionOf(request)?.id ?? null);
  }

  @Put()
  @ApiOperation({
    summary: 'Turn the home network on or off, at the machine itself; a new passphrase signs everybody out',
  })
  @ApiBody({ schema: openApi(accessChangeSchema) })
  @ApiOkResponse({ schema: openApi(accessSchema) })
  @problems(400, 403)
  async change(
    @Req() request: Request,
    @Body(new JoiPipe<AccessChange>(accessChangeSchema)) change: AccessChange,
  ): Promise<Access> {
    if (isFromHome(request))
      throw new ProblemException(403, 'The home network is turned on and off at the machine that Yellowmist runs on.');
    await this.access.change(change);
    return this.shown(request);
  }

  @Put('passphrase')
  @HttpCode(204)
  @ApiOperation({ summary: 'Set another passphrase, knowing the one before; all other browsers are signed out' })
  @ApiBody({ schema: openApi(passphraseChangeSchema) })
  @ApiNoContentResponse()
  @problems(400, 401)
  async changePassphrase(
    @Req() request: Request,
    @Body(new JoiPipe<PassphraseChange>(passphraseChangeSchema)) { current, next }: PassphraseChange,
  ): Promise<void> {
    await this.access.changePassphrase(current, next, askedBy(request), sessionOf(request)?.id ?? '');
  }

  @Get('session')
  @ApiOperation({ summary: 'Whether this browser is let in' })
  @ApiOkResponse({ schema: { type: 'object', properties: { signedIn: { type: 'boolean' } } } })
  session(@Req() request: Request): { signedIn: boolean } {
    return { signedIn: !isFromHome(request) || sessionOf(request) !== null };
  }

  @Post('session')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sign this browser in from the home network, for 30 days' })
  @ApiBody({ schema: openApi(signInSchema) })
  @ApiNoContentResponse()
  @ApiTooManyRequestsResponse({ description: 'Too many wrong ones: Retry-After says when the next one is looked at' })
  @problems(400, 401)
  async signIn(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Body(new JoiPipe<SignInRequest>(signInSchema)) { passphrase, name }: SignInRequest,
  ): Promise<void> {
    const before = sessionOf(request);
    const token = await this.access.signIn(passphrase, name || deviceOf(request), askedBy(request));
    if (!token) throw new ProblemException(401, 'That is not the passphrase of this house.');
    if (before) this.access.end(before.id, response);
    giveCookies(response, token);
  }

  @Delete('session')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sign this browser out' })
  @ApiNoContentResponse()
  signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): void {
    const session = sessionOf(request);
    takeCookies(response);
    // What is kept of the kitchen in that browser goes as well, where it understands.
    response.setHeader('Clear-Site-Data', '"cache", "storage"');
    if (session) this.access.end(session.id, response);
  }

  @Delete('sessions')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sign out every browser but the one that asks' })
  @ApiNoContentResponse()
  signAllOut(@Req() request: Request): void {
    this.access.endAll(sessionOf(request)?.id ?? null);
  }

  @Delete('sessions/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sign a browser out' })
  @ApiNoContentResponse()
  @problems(404)
  end(@Param('id') id: string): void {
    if (!this.access.end(id)) throw new ProblemException(404, 'No browser of that id is signed in.');
  }

  @Get('certificate')
  @ApiOperation({ summary: 'What a device is to trust once, so that it knows this house: a certificate (PEM)' })
  @ApiOkResponse({ description: 'The certificate', content: { [AUTHORITY_TYPE]: { schema: { type: 'string' } } } })
  @problems(404)
  async certificate(@Res() response: Response): Promise<void> {
    const authority = await this.access.authority();
    if (!authority) throw new ProblemException(404, 'There is no certificate of this house to trust.');
    response.type(AUTHORITY_TYPE);
    response.set('Content-Disposition', 'attachment; filename="yellowmist-house.crt"');
    response.send(authority);
  }
}
