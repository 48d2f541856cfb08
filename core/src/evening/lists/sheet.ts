import { capitalised, onTheClock, plain, type Text } from '../../units/index.js';
import type { Evening } from '../request.js';
import type { Cook, Task } from '../types.js';

/** The evening on paper: what to do when, what to measure, what to buy. */

/** How an evening is dated: its name, and clock times for minutes from the table. */
export interface Dated {
  name: string;
  cooks: readonly Cook[];
  /** "19:02". */
  clock: (fromTableMin: number) => string;
  /** "Thursday 26 November 2026". */
  day: (fromTableMin: number) => string;
}

/** Kinds that go on by themselves and need no line of their own on a sheet. */
const BY_ITSELF: readonly Task['kind'][] = ['rest'];

/** Tasks as lines of a sheet: only what somebody does or must know. */
export const sheetTasks = (tasks: readonly Task[]): Task[] =>
  tasks.filter((t) => t.cook !== null || !BY_ITSELF.includes(t.kind));

const said = (text: Text, { clock }: Dated): string => plain(onTheClock(text, clock));

const who = (task: Task, { cooks }: Dated): string =>
  cooks.length > 1 && task.cook !== null ? `${cooks[task.cook]?.name ?? ''}: ` : '';

/** The run sheet of an evening as Markdown. */
export function eveningMarkdown({ plan, dishes, shopping, measuring }: Evening, dated: Dated): string {
  const nameOf = new Map(dishes.map((d) => [d.id, d.name]));
  const days = [...new Set(plan.tasks.map((t) => dated.day(t.fromMin)))];
  const line = (t: Task): string => {
    const dish = t.dishId ? `**${nameOf.get(t.dishId) ?? ''}** ` : '';
    return `- ${dated.clock(t.fromMin)} ${dish}${who(t, dated)}${said(t.text, dated)}`;
  };
  const told = [
    `# ${dated.name}`,
    `${dated.day(0)}, on the table at ${dated.clock(0)}.`,
    ...plan.cannot.map((c) => `> ${said(c.why, dated)} ${said(c.cheapest, dated)}`),
    ...plan.warnings.map((w) => `> ${said(w.text, dated)}`),
    ...days.flatMap((day) => [
      `## ${day}`,
      sheetTasks(plan.tasks)
        .filter((t) => dated.day(t.fromMin) === day)
        .map(line)
        .join('\n'),
    ]),
    '## Measure out',
    ...measuring.flatMap((d) => [
      `### ${d.name}`,
      d.rows.map((r) => `- ${r.bowl}: ${said(r.parts, dated)}`).join('\n'),
    ]),
    '## Buy',
    ...shopping.flatMap((s) => [
      `### ${capitalised(s.shop)}`,
      s.items.map((i) => `- ${i.name}: ${said(i.amount, dated)}`).join('\n'),
    ]),
    LIMITS,
  ];
  return `${told.join('\n\n')}\n`;
}

/** The same as plain text. */
export const eveningText = (evening: Evening, dated: Dated): string =>
  eveningMarkdown(evening, dated)
    .replace(/^#+ (.*)$/gm, (_, title: string) => `${title}\n${'-'.repeat(title.length)}`)
    .replace(/\*\*(.*?)\*\*/g, '$1:')
    .replace(/^> /gm, '! ');

const LIMITS =
  'These are estimates. The manual of your fryer and local food rules come first; the thermometer decides.';
