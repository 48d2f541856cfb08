import type { IncomingMessage } from 'node:http';

/** What a request brings, by its address and what it says of its body: known before anything of it is read. */

type Head = Pick<IncomingMessage, 'url' | 'headers'>;

const RECIPE = '/api/recipes/read';
const KITCHEN = /^\/api\/import(\?|$)/;
const PHOTOS = /^\/api\/cooks\/[\w-]+\/photos(\?|$)/;
const BACKUP = /^\/api\/backups\/file(\?|$)/;

const isOf = ({ headers }: Head, type: RegExp): boolean => type.test(headers['content-type'] ?? '');

/** Whether a body is a recipe to be read. */
export const isRecipe = (head: Head): boolean => head.url === RECIPE && isOf(head, /^application\/json\b/);

/** Whether a body is a whole kitchen: as bytes, packed or not. */
export const isKitchen = ({ url = '' }: Head): boolean => KITCHEN.test(url);

/** Whether a body is a photograph; a form is read where it is received. */
export const isPhoto = (head: Head): boolean => PHOTOS.test(head.url ?? '') && !isOf(head, /^multipart\//);

/** Whether a body may be large, and come slowly: a photograph, a whole kitchen, a backup. */
export const mayBeLarge = ({ url = '' }: Head): boolean => [PHOTOS, KITCHEN, BACKUP].some((at) => at.test(url));
