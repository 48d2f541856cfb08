import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  bodyOfEvening,
  check,
  eveningBodySchema,
  FORMATS,
  formatNumber,
  isBroken,
  upgrade,
  type EveningBody,
  type EveningDocument,
  type KeptEvening,
  type ListedEvening,
} from '@yellowmist/contract';
import { Repository } from 'typeorm';
import { badFields, ProblemException } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { ListedEntity, Stamps } from '../documents/listed.entity.js';
import { ListedStore } from '../documents/listed.store.js';
import type { Page } from '../documents/parts.js';
import { EveningEntity } from './evening.entity.js';

const FORMAT = formatNumber(FORMATS.evening);

const whole = ({ id, version, createdAt, updatedAt }: Stamps, body: EveningBody): EveningDocument => ({
  ...body,
  id,
  version,
  format: FORMAT,
  createdAt,
  updatedAt,
});

/** The stored body in today's format. @throws Error with why it cannot be read */
function bodyIn({ format, body }: ListedEntity): EveningBody {
  const checked = check(eveningBodySchema, upgrade(FORMATS.evening, format, JSON.parse(body)));
  if (!checked.ok) throw new Error(checked.errors.map((e) => e.message).join('; '));
  return checked.value;
}

/** Stores evenings; a save names the version that it changes, and a deleted one can be brought back. */
@Injectable()
export class EveningsService {
  private readonly store: ListedStore<EveningBody>;

  constructor(
    @InjectRepository(EveningEntity) rows: Repository<EveningEntity>,
    private readonly conversions: ConversionsService,
  ) {
    this.store = new ListedStore(rows, FORMATS.evening, 'evening');
  }

  /** All that are not deleted, the last touched first; each stands or falls alone. */
  async list(page?: Page): Promise<ListedEvening[]> {
    const here = await this.conversions.ids();
    return this.store.readAll((row) => withDishesOf(whole(row, bodyIn(row)), here), page);
  }

  /** All that can be read, as a kitchen's file keeps them. */
  async kept(): Promise<KeptEvening[]> {
    return (await this.list()).flatMap((listed) => {
      if (isBroken(listed)) return [];
      const { id, createdAt, updatedAt } = listed;
      return [{ id, createdAt, updatedAt, body: bodyOfEvening(listed) }];
    });
  }

  /** Whether an evening is there and not put aside. */
  async has(id: string): Promise<boolean> {
    return (await this.store.ids()).has(id);
  }

  async create(body: EveningBody): Promise<EveningDocument> {
    await this.allows(body);
    return whole(await this.store.insert(body), body);
  }

  /** @throws ProblemException 404 where there is none; 422 where it cannot be read here */
  async read(id: string): Promise<EveningDocument> {
    const row = await this.store.row(id);
    const here = await this.conversions.ids();
    try {
      return withDishesOf(whole(row, bodyIn(row)), here);
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }

  /** @throws ProblemException 409 when `version` is not the last any more; nothing is overwritten */
  async save(id: string, version: number, body: EveningBody): Promise<EveningDocument> {
    await this.allows(body);
    return whole(await this.store.replace(id, version, body), body);
  }

  /** The same evening for another time, still to be cooked. */
  async copy(id: string, serveAt: string | null): Promise<EveningDocument> {
    const body = bodyOfEvening(await this.read(id));
    return this.create({ ...body, state: 'planned', serveAt, startAt: null });
  }

  /** Puts an evening aside; `restore` brings it back. */
  remove(id: string): Promise<void> {
    return this.store.remove(id);
  }

  async restore(id: string): Promise<EveningDocument> {
    await this.store.restore(id);
    return this.read(id);
  }

  /** Every dish must be there. @throws ProblemException 400 naming the first that is not */
  private async allows({ dishes }: EveningBody): Promise<void> {
    const here = await this.conversions.ids();
    const missing = dishes.findIndex(({ id }) => !here.has(id));
    if (missing < 0) return;
    const field = `dishes[${missing}].id`;
    throw badFields([{ field, message: `${field} must be the id of a dish of this kitchen` }]);
  }
}

/** Without dishes that have been deleted since. */
const withDishesOf = (document: EveningDocument, here: ReadonlySet<string>): EveningDocument => ({
  ...document,
  dishes: document.dishes.filter(({ id }) => here.has(id)),
});
