/** What stands under a heading: one bowl of a kind, a coat of several bowls, the food, or what is put beside. */
export type SectionKind =
  'batter' | 'wet' | 'dry' | 'coat' | 'marinade' | 'sauce' | 'dip' | 'garnish' | 'frying' | 'food' | null;

/** Headings, the more special first. */
const SECTIONS: readonly (readonly [RegExp, SectionKind])[] = [
  [/\b(egg|milk|buttermilk|wet|yogh?urt)[ -]?(mix(ture)?|dip|bath|wash|soak|bowl)\b/i, 'wet'],
  [/\bmarinade|\bbrine|\bmarinat|\bsoak/i, 'marinade'],
  [
    /\bdip(ping)?\b(?!.*\bstation)(?=.*\b(sauce|serve|serving)|\s*$)|\b(aioli|mayo|mayonnaise|tartare?|raita|remoulade|ketchup|relish|chutney|salsa|yogh?urt|yogurt|hummus|guacamole)\b/i,
    'dip',
  ],
  [/\bsauce|\bgravy|\bglaze|\bsyrup|\bdressing|\bdrizzle|\bhoney$|\bcaramel|\bbutter$|\btoss/i, 'sauce'],
  [/\bbatter\b/i, 'batter'],
  [/\begg (wash|dip|mix|bath)|\bwash$|\bwet\b|\bbinder|\bglue|\bbuttermilk (mix|dip|bath)|\bliquid/i, 'wet'],
  [
    /\bdry (mix|ingredients|bowl|coat|dredge)|\bflour (mix|dredge|coat)|\bseasoned flour|\bdredg|\bdust|\bspice mix|\bflour\b/i,
    'dry',
  ],
  [/\bcoat|\bbread(ing|ed crumb)|\bcrumb|\bcrust|\bpané|\bbreading|\bpanko|\bshell\b|\bto coat\b/i, 'coat'],
  [/\b(to|for) (frying|fry|cook|cooking)\b|\bfrying\b|^oil\b/i, 'frying'],
  [
    /\bserve|\bserving|\bgarnish|\btopping|\bto finish|\bfinish|\bassembl|\baromatics|\bto top\b|\bsandwich|\bbuns?\b|\bslaw|\bsalad|\bsides?\b|\bplate/i,
    'garnish',
  ],
];

/** What a heading says of the lines below it. */
export const sectionKind = (section: string | null): SectionKind => {
  if (section === null) return null;
  return SECTIONS.find(([pattern]) => pattern.test(section))?.[1] ?? 'food';
};

/** Headings below which all goes into one bowl. */
export const isOneBowl = (kind: SectionKind): boolean =>
  kind === 'batter' || kind === 'wet' || kind === 'dry' || kind === 'marinade' || kind === 'sauce' || kind === 'dip';
