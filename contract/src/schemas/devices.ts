import { PROBE_DEEDS, type DeviceAbout, type ProbeHand } from '../types.js';
import { allOf, oneOf, within } from './fields.js';
import { Joi } from './joi.js';

/** What `POST /api/devices/probes/{fryer}/hand` takes. */
export const probeHandSchema = allOf<ProbeHand>({
  deed: oneOf(...PROBE_DEEDS),
  readsC: within('sensorC').optional(),
});

const about = allOf<DeviceAbout>({
  id: Joi.string(),
  kind: oneOf('scale', 'probe'),
  name: Joi.string(),
  measures: Joi.array().items(oneOf('mass', 'centre', 'air')),
  everyS: Joi.number(),
  lagS: Joi.object(),
  lost: Joi.number(),
  battery: Joi.number().allow(null),
  connected: Joi.boolean(),
  simulated: Joi.boolean(),
  tells: Joi.string(),
});

/** What `GET /api/devices` answers. */
export const devicesSchema = Joi.array().items(about);
