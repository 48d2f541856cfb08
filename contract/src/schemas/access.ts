import { RANGES } from '../ranges.js';
import {
  TRANSPORTS,
  type Access,
  type AccessChange,
  type HouseCertificate,
  type PassphraseChange,
  type SignedIn,
  type SignInRequest,
} from '../types.js';
import { allOf, nameSchema, oneOf } from './fields.js';
import { Joi } from './joi.js';

const moment = Joi.string().isoDate();
const { min, max } = RANGES.passphraseLength;

/** A passphrase that is to be set: long rather than strange; nothing else is asked of it. */
const newPassphrase = Joi.string()
  .min(min)
  .max(max)
  .messages({
    'string.min': `{{#label}} must have at least ${min} letters: four or five words are easily typed and hard to guess`,
    'string.empty': `{{#label}} must have at least ${min} letters: four or five words are easily typed and hard to guess`,
    'string.max': `{{#label}} must have at most ${max} letters`,
  });
/** One that is tried. */
const tried = Joi.string().allow('').max(max);

export const accessChangeSchema = allOf<AccessChange>({
  on: Joi.boolean(),
  transport: oneOf(...TRANSPORTS).optional(),
  passphrase: newPassphrase.optional(),
});

export const passphraseChangeSchema = allOf<PassphraseChange>({ current: tried, next: newPassphrase });

export const signInSchema = allOf<SignInRequest>({ passphrase: tried, name: nameSchema.allow('').optional() });

const signedInSchema = allOf<SignedIn>({
  id: Joi.string(),
  name: Joi.string(),
  from: Joi.string(),
  since: moment,
  lastSeen: moment,
  until: moment,
  current: Joi.boolean(),
});

/** What `GET /api/access` answers. */
export const accessSchema = allOf<Access>({
  on: Joi.boolean(),
  hasPassphrase: Joi.boolean(),
  transport: oneOf(...TRANSPORTS),
  addresses: Joi.array().items(Joi.string()),
  certificate: allOf<HouseCertificate>({
    kind: oneOf('made', 'given'),
    fingerprint: Joi.string(),
    until: moment,
  }).allow(null),
  problem: Joi.string().allow(null),
  atMachine: Joi.boolean(),
  signedIn: Joi.array().items(signedInSchema),
});
