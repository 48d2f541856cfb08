import { FITTED } from './fitted.js';
import { holdsFor } from './holds.js';

holdsFor('fitted', FITTED);
