import { CHECKED } from './checked.js';
import { holdsFor } from './holds.js';

holdsFor('checked', CHECKED);
