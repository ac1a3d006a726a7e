import type { RecordDetail, SignOffHistory, Track } from '#contract/index.ts';
import { DECIDED, sayBeside, saySent, saySigned, saySigner, sayStepStands } from '#core/signoff/index.ts';
import type { Said } from '../signoff/words.ts';
import { Sheet } from './sheet.ts';
import { readyFor } from './typeface.ts';

/** What a record's sheet tells, each as whoever asks for it sees it. */
export interface ToldRecord {
  readonly workspace: string;
  readonly language: string;
  readonly record: Pick<
    RecordDetail,
    'number' | 'title' | 'definition' | 'created_at' | 'created_by' | 'beside_sign_off'
  >;
  readonly facts: readonly Said[];
  readonly track: Track | null;
  readonly decisions: SignOffHistory['decisions'];
  /** A moment as it is said in the workspace's zone. */
  readonly when: (moment: string) => string;
  /** Who asks for it, and now. */
  readonly by: string;
  readonly now: string;
}

const STAGES: { readonly [S in Track['stage']]: string } = {
  none: 'Not on its way',
  waiting: 'Waiting',
  approved: 'Approved',
  sent_back: 'Sent back',
  refused: 'Refused',
  stuck: 'Stuck: nobody can sign it',
};

const tellTrack = (sheet: Sheet, track: Track, when: ToldRecord['when']): void => {
  sheet.heading('Sign-off', 2);
  sheet.quiet(`${track.route}, version ${track.route_version}, round ${track.round}.`);
  sheet.row('Stage', STAGES[track.stage]);
  if (track.changed_since.length > 0) sheet.row('Changed since signed', track.changed_since.join(', '));
  const { who, how } = saySent(track, when);
  sheet.row('Sent', `${who}, ${how.replace(/^sent, /, '')}`);
  for (const step of track.steps) {
    const signed = step.signatures.map((given) => `${saySigner(given)} ${saySigned(given, when)}`);
    const stands = sayStepStands(step, when);
    sheet.row(
      `${step.label}${step.beside ? ', side by side' : ''}`,
      [...signed, ...(stands ? [stands] : [])].join('\n'),
    );
  }
  for (const { field, says } of track.sent_back?.marks ?? []) sheet.row(`Marked: ${field}`, says || 'look at it again');
};

const tellDecisions = (sheet: Sheet, decisions: ToldRecord['decisions'], when: ToldRecord['when']): void => {
  sheet.heading('What was signed', 2);
  for (const each of decisions.toReversed()) {
    const undone = each.undone ? ', taken back' : '';
    const route = each.route_version === null ? '' : `, version ${each.route_version} of the route`;
    sheet.text(
      `${saySigner(each)} ${DECIDED[each.decision]}, ${when(each.at)}, ${each.step}, round ${each.round}${undone}`,
      {
        weight: 'bold',
        above: 8,
      },
    );
    if (each.comment !== '') sheet.text(`“${each.comment}”`);
    sheet.quiet(`Seen: version ${each.version} of the record${route}.`);
    for (const { field, value } of each.seen ?? []) sheet.row(field, value);
  }
};

/** All texts somewhere in a value. */
const textsIn = (value: unknown): string[] => {
  if (typeof value === 'string') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(textsIn) : [];
};

/** A record on paper: what it holds, where it stands in its sign-off, and each decision with what was seen. */
export const recordSheet = async (told: ToldRecord): Promise<Buffer> => {
  const { workspace, language, record, facts, track, decisions, when, by, now } = told;
  await readyFor(textsIn(told), language);
  const sheet = new Sheet(`${record.number} ${record.title}`, workspace, language);
  sheet.quiet(`${workspace} · ${record.definition.singular} ${record.number}`);
  sheet.heading(record.title, 1);
  for (const { field, value } of facts) sheet.row(field, value);
  sheet.quiet(`Added ${when(record.created_at)} by ${record.created_by}.`);
  for (const beside of record.beside_sign_off) sheet.text(sayBeside(beside, when));
  if (track) tellTrack(sheet, track, when);
  if (decisions.length > 0) tellDecisions(sheet, decisions, when);
  return sheet.end(`${record.number}, as ${by} saw it ${when(now)}.`);
};
