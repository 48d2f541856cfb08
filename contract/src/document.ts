import type { ConversionBody, ConversionDocument } from './types.js';

/** What a cook writes of a stored dish: all of it but what the store adds. */
export function bodyOfDocument(document: ConversionDocument & { diets?: unknown }): ConversionBody {
  const { id: _i, format: _f, version: _v, createdAt: _c, updatedAt: _u, diets: _d, ...body } = document;
  return body;
}
