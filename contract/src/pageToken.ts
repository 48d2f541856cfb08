/** How a page says to its server that it is one of this house, when it is used from the home network. */

/** The header in which a page sends the token. */
export const PAGE_HEADER = 'x-yellowmist-page';
/** The cookie in which a page finds it, in the clear; over https its name has a prefix. */
export const PAGE_COOKIE = 'yellowmist-page';
export const SECURE_PREFIX = '__Host-';
