import {
  Body,
  Controller,
  Get,
  Inject,
  Module,
  Put,
  type DynamicModule,
  type Provider,
  type Type,
} from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import type { SingleKind, SingleRules } from './kind.js';
import { SingleEntity } from './single.entity.js';
import { SinglesService } from './singles.service.js';

/** One single document: stored, shown and saved by its kind and its rules. */
export class SingleDocument<Body extends object> {
  constructor(
    private readonly kind: SingleKind<Body>,
    private readonly singles: SinglesService,
    private readonly rules: SingleRules<Body>,
  ) {}

  async read(): Promise<Body & { version: number }> {
    const { version, ...body } = await this.singles.read(this.kind);
    const shown = (await this.rules.shown?.(body as unknown as Body)) ?? (body as unknown as Body);
    return { ...shown, version };
  }

  /** Saves over `version`. @throws ProblemException 409 when it is not the last any more; 400 when its rules forbid it */
  async save(version: number, body: Body): Promise<Body & { version: number }> {
    await this.rules.allows?.(await this.singles.read(this.kind), body);
    return this.singles.save(this.kind, version, body);
  }
}

function controllerFor<Document extends { version: number }>(
  kind: SingleKind<Omit<Document, 'version'>>,
  token: symbol,
): Type<unknown> {
  const below = kind.below ?? '';

  @ApiTags(kind.path)
  @Controller(kind.path)
  class SingleController {
    constructor(@Inject(token) private readonly document: SingleDocument<Omit<Document, 'version'>>) {}

    @Get(below)
    @ApiOperation({ summary: kind.summary })
    @ApiOkResponse({ schema: openApi(kind.saveSchema) })
    read(): Promise<object> {
      return this.document.read();
    }

    @Put(below)
    @ApiOperation({ summary: `Save the ${kind.format.what} over a version; 409 when it is not the last any more` })
    @ApiBody({ schema: openApi(kind.saveSchema) })
    @ApiOkResponse({ schema: openApi(kind.saveSchema) })
    @problems(400, 409)
    save(@Body(new JoiPipe<Document>(kind.saveSchema)) { version, ...body }: Document): Promise<object> {
      return this.document.save(version, body);
    }
  }
  return SingleController;
}

/** How a kind of single document becomes a part of the server. */
export interface SingleParts<Body extends object> {
  kind: SingleKind<Body>;
  /** By which others are given the document. */
  token: symbol;
  /** Modules that its rules need, and how they are made of what those give; none without. */
  imports?: DynamicModule['imports'];
  rules?: { inject: Exclude<Provider, Type>[] | unknown[]; make: (...given: never[]) => SingleRules<Body> };
}

@Module({ imports: [TypeOrmModule.forFeature([SingleEntity])], providers: [SinglesService], exports: [SinglesService] })
export class SinglesModule {}

/** The one way to add a stored document of which there is one: its kind, a token, and its rules where it has some. */
export function singleModule<Body extends object>({
  kind,
  token,
  imports = [],
  rules,
}: SingleParts<Body>): DynamicModule {
  class SingleModule {}
  Object.defineProperty(SingleModule, 'name', { value: `${kind.path}Module` });
  return {
    module: SingleModule,
    imports: [SinglesModule, ...imports],
    controllers: [controllerFor(kind as never, token)],
    providers: [
      {
        provide: token,
        inject: [SinglesService, ...((rules?.inject ?? []) as [])],
        useFactory: (singles: SinglesService, ...given: never[]) =>
          new SingleDocument(kind, singles, rules?.make(...given) ?? {}),
      },
    ],
    exports: [token],
  };
}
