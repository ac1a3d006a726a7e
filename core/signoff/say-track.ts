/*
 * A record's sign-off track in words, as its page, its print and its PDF tell it. What is told crosses the wire; only the
 * moments are said in the reader's zone.
 */

/** How a step of a track stands. */
export type ToldState =
  | 'approved'
  | 'waiting'
  | 'sent_back'
  | 'refused'
  | 'let_through'
  | 'cancelled'
  | 'skipped'
  | 'to_come';

/** One signature of a step. */
export interface ToldSignature {
  readonly by: string;
  readonly for: string | null;
  readonly decision: 'approve' | 'refuse' | 'send_back';
  readonly at: string;
  readonly comment: string;
  readonly last_resort: boolean;
}

/** A step of a track. */
export interface ToldStep {
  readonly state: ToldState;
  readonly signatures: readonly ToldSignature[];
  readonly needed: number;
  readonly waits_for: readonly string[];
  readonly by: string | null;
  readonly at: string | null;
  readonly comment: string | null;
  readonly due: string | null;
  readonly late: boolean;
}

const WORDS: { readonly [S in ToldState]: string } = {
  approved: 'approved',
  waiting: 'waiting',
  sent_back: 'sent back',
  refused: 'refused',
  let_through: 'let through, as nobody signed in time',
  cancelled: 'asked no more',
  skipped: 'not needed',
  to_come: 'to come',
};

/** What was decided, as it stands behind a name. */
export const DECIDED: { readonly [D in ToldSignature['decision']]: string } = {
  approve: 'approved',
  refuse: 'refused',
  send_back: 'sent back',
};

/** Who signed, for whom, and whether nobody else could: "Dev Anand for Sana Whitlock", "Runa Oakes, as last resort,". */
export const saySigner = ({ by, for: name, last_resort: isResort }: ToldSignature): string =>
  `${by}${name === null ? '' : ` for ${name}`}${isResort ? ', as last resort,' : ''}`;

/** What they decided, when, and what they said: "approved, 29 Nov 2026, 06:10: “Two are split.”" */
export const saySigned = ({ decision, at, comment }: ToldSignature, when: (moment: string) => string): string =>
  `${DECIDED[decision]}, ${when(at)}${comment === '' ? '' : `: “${comment}”`}`;

/** How a record was sent: on a device that several share, by whichever name was typed there. */
export const saySent = (
  { sender, from_device: from, sent_at: at }: ToldSending,
  when: (moment: string) => string,
): { readonly who: string; readonly how: string } => ({
  who: from?.named ? `${from.named} (${sender})` : sender,
  how: from
    ? `sent, ${when(at)}, from a device that several share: anybody who knows its code could have sent it`
    : `sent, ${when(at)}`,
});

/** What is told of a record's sending. */
export interface ToldSending {
  readonly sender: string;
  readonly from_device: { readonly named: string | null } | null;
  readonly sent_at: string;
}

/** What happened to a record past its sign-off. */
export type ToldBeside =
  | { readonly kind: 'as_it_stands'; readonly by: string; readonly at: string }
  | {
      readonly kind: 'by_hand';
      readonly by: string;
      readonly at: string;
      readonly fields: readonly string[];
      readonly reason: string;
    };

/** The same in words: "Brought in as it stands by Runa Oakes, 29 Nov 2026, 06:10: nobody signed it here." */
export const sayBeside = (told: ToldBeside, when: (moment: string) => string): string => {
  switch (told.kind) {
    case 'as_it_stands':
      return `Brought in as it stands by ${told.by}, ${when(told.at)}: nobody signed it here.`;
    case 'by_hand':
      return `${told.by} changed ${told.fields.join(', ')} by hand, ${when(told.at)}: “${told.reason}”`;
  }
};

/** What is told of a step besides its signatures; nothing where these say it all. */
export const sayStepStands = (step: ToldStep, when: (moment: string) => string): string | null => {
  if (step.signatures.length > 0 && step.state !== 'waiting' && step.state !== 'let_through') return null;
  const words = WORDS[step.state];
  if (step.state === 'sent_back') return `${words} by ${step.by}, ${step.at ? when(step.at) : ''}: “${step.comment}”`;
  if (step.state !== 'waiting') return words;
  const count = step.needed > 1 ? `${step.signatures.length} of ${step.needed}` : '';
  const day = step.due === null ? '' : (when(step.due).split(',')[0] ?? '');
  const due = day === '' ? '' : `${step.late ? 'was due' : 'by'} ${day}`;
  const who = step.waits_for.length > 0 ? `waits for ${step.waits_for.join(', ')}` : 'nobody may sign it';
  return [who, count, due].filter(Boolean).join(', ');
};
