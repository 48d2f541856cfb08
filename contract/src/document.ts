import type { ConversionBody, ConversionDocument, EveningBody, EveningDocument } from './types.js';

/** What a cook writes of a stored dish: all of it but what the store adds. */
export function bodyOfDocument(document: ConversionDocument & { diets?: unknown }): ConversionBody {
  const { id: _i, format: _f, version: _v, createdAt: _c, updatedAt: _u, diets: _d, ...body } = document;
  return body;
}

/** What a cook writes of a stored evening. */
export function bodyOfEvening(document: EveningDocument): EveningBody {
  const { id: _i, format: _f, version: _v, createdAt: _c, updatedAt: _u, ...body } = document;
  return body;
}
