import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import { addDays, toMomentText, uuidV7 } from '#core/base/index.ts';
import type { Call } from './accounts.ts';
import { quoteFile } from './quote-file.ts';
import routes from './routes.json' with { type: 'json' };

/*
 * What is on its way to be signed in the demonstration: about thirty records that its people sent, some in every state, so
 * that on the first day every signer's in-tray has work.
 */

/** Calls the server as somebody, by their e-mail address. */
export type CallAs = (email: string) => Promise<Call>;

const at = (name: string): string => `${name}@example.org`;
const [PIET, DEV, SANA, INES, TEO, TOMAS, BEA] = [
  'piet.lund',
  'dev.anand',
  'sana.whitlock',
  'ines.varga',
  'teo.marsh',
  'tomas.reed',
  'bea.quill',
].map(at) as [string, string, string, string, string, string, string];

interface Decided {
  readonly by: string;
  readonly decision: 'approve' | 'send_back' | 'refuse';
  readonly comment: string;
  readonly values?: Readonly<Record<string, unknown>>;
  readonly marks?: readonly { readonly field: string; readonly says: string }[];
}

interface Sent {
  readonly by: string;
  /** A quotation goes along. */
  readonly quote?: boolean;
  readonly form: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly decided: readonly Decided[];
}

const newId = (): string => uuidV7(Date.now(), randomBytes(10));

const line = (what: string, quantity: string, price: string) => ({
  id: newId(),
  values: { stock: null, what, quantity, unit_price: price, vat_rate: 'standard' },
});

const yes = (by: string, comment = '', values?: Decided['values']): Decided => ({
  by,
  decision: 'approve',
  comment,
  ...(values ? { values } : {}),
});
const back = (by: string, comment: string, marks: Decided['marks'] = []): Decided => ({
  by,
  decision: 'send_back',
  comment,
  marks,
});
const no = (by: string, comment: string): Decided => ({ by, decision: 'refuse', comment });

/** From this net amount on the form asks for quotations. */
const QUOTE_FROM = 1_000;

/** What there is to refer to. */
interface Known {
  readonly today: string;
  readonly suppliers: readonly string[];
  readonly clients: readonly string[];
  readonly appeal: string;
}

interface Asked {
  readonly by: string;
  readonly what: string;
  readonly lines: readonly ReturnType<typeof line>[];
  readonly decided: readonly Decided[];
  readonly supplier?: number;
  readonly needed?: number;
  readonly centre?: string;
  readonly ago?: number;
}

const asked = (
  { today, suppliers }: Known,
  { by, what, lines, decided, supplier = 0, needed = 12, centre = 'yard', ago = 3 }: Asked,
): Sent => ({
  by,
  form: 'purchase_request',
  quote: lines.reduce((sum, { values }) => sum + Number(values.quantity) * Number(values.unit_price), 0) >= QUOTE_FROM,
  values: {
    what_for: what,
    supplier: suppliers[supplier % suppliers.length] ?? null,
    cost_centre: centre,
    requested_on: addDays(today, -ago),
    needed_by: addDays(today, needed),
    lines,
  },
  decided,
});

/** Small ones: the yard manager alone signs them. */
const smallPurchases = (known: Known): Sent[] => [
  asked(known, {
    by: PIET,
    what: 'Masking tape and rollers',
    lines: [line('Masking tape, 25 mm', '24', '3.10'), line('Foam rollers', '30', '1.85')],
    decided: [],
  }),
  asked(known, {
    by: DEV,
    what: 'Pressure washer lances',
    lines: [line('Lance, stainless', '3', '64.00')],
    decided: [],
    needed: -1,
    ago: 11,
  }),
  asked(known, {
    by: PIET,
    what: 'Slip rollers, set of six',
    lines: [line('Roller, rubber', '6', '118.00')],
    decided: [yes(SANA, 'Two are split.')],
    supplier: 1,
  }),
];

const purchases = (known: Known): Sent[] => [
  ...smallPurchases(known),
  asked(known, {
    by: PIET,
    what: 'Pontoon decking, 40 boards',
    lines: [line('Decking board, larch', '40', '44.50')],
    decided: [yes(SANA, 'Two boards gave way.')],
    supplier: 2,
    centre: 'moorings',
    needed: -1,
    ago: 9,
  }),
  asked(known, {
    by: DEV,
    what: 'Diesel heater for workshop',
    lines: [line('Heater, 5 kW diesel', '1', '780.00'), line('Flue kit, 60 mm', '1', '58.33')],
    decided: [yes(SANA, 'Needed before frost.')],
    supplier: 1,
  }),
  asked(known, {
    by: PIET,
    what: 'Winch motor for the slip',
    lines: [line('Motor, 7.5 kW', '1', '4600.00'), line('Fitting, hour', '12', '50.00')],
    decided: [
      yes(SANA, 'The old one trips under load.'),
      yes(INES, 'Within the yard budget.', { approved_amount: '6240.00' }),
    ],
    supplier: 3,
  }),
  asked(known, {
    by: SANA,
    what: 'Crane inspection and new wire',
    lines: [line('Inspection', '1', '1450.00'), line('Wire rope, 60 m', '1', '3980.00')],
    decided: [
      yes(at('runa.oakes'), 'Asked for by the yard manager herself.'),
      yes(INES, '', { approved_amount: '6500.00' }),
      yes(TOMAS, 'Read the report.'),
    ],
    supplier: 4,
  }),
  asked(known, {
    by: DEV,
    what: 'Paint order, spring',
    lines: [line('Antifouling, 5 l', '4', '108.00')],
    decided: [
      back(SANA, 'Which boat is this for?', [
        { field: 'what_for', says: 'Name the boat, or say that it is for stock.' },
      ]),
    ],
  }),
  asked(known, {
    by: PIET,
    what: 'Chain hoist, 2 t',
    lines: [line('Chain hoist', '1', '450.00')],
    decided: [yes(SANA), yes(INES, 'Fine.', { approved_amount: '540.00' })],
  }),
  asked(known, {
    by: BEA,
    what: 'Office chairs',
    lines: [line('Chair', '2', '129.00')],
    decided: [yes(SANA)],
    centre: 'office',
  }),
  asked(known, {
    by: DEV,
    what: 'Gold-plated cleats',
    lines: [line('Cleat, gold plated', '8', '210.00')],
    decided: [yes(SANA), no(INES, 'Not out of the restoration fund.')],
    centre: 'restoration',
  }),
  asked(known, {
    by: PIET,
    what: 'Oak for the ribs',
    lines: [line('Oak, sawn, m', '46', '38.00')],
    decided: [yes(SANA, 'Agreed with the shipwright.'), yes(INES, '', { approved_amount: '2097.60' })],
    centre: 'restoration',
    supplier: 5,
  }),
  asked(known, {
    by: DEV,
    what: 'Hoses and couplings',
    lines: [line('Hose, 20 m', '4', '41.00'), line('Coupling', '8', '6.20')],
    decided: [],
  }),
];

const hurt = (name: string, severity: string, days: string | null) => ({
  id: newId(),
  values: { name, employed: true, body_part: null, injury: 'cut', severity, days_lost: days, treatment: null },
});

interface Happened {
  readonly by: string;
  readonly title: string;
  readonly told: string;
  readonly who: ReturnType<typeof hurt>;
  readonly ago: number;
  readonly decided: readonly Decided[];
}

const happened = ({ today }: Known, { by, title, told, who, ago, decided }: Happened): Sent => ({
  by,
  form: 'report_incident',
  values: {
    title,
    kind: 'injury',
    happened_at: toMomentText(Date.parse(`${addDays(today, -ago)}T10:20:00Z`)),
    what_happened: told,
    hurt: [who],
  },
  decided,
});

const actions = (what: string) => [{ id: newId(), values: { what, who: null, due_on: null, done_on: null } }];

const incidents = (known: Known): Sent[] => [
  happened(known, {
    by: DEV,
    title: 'Hand caught between fender and pontoon',
    told: 'The boat surged while the fender was being set.',
    who: hurt('Dev Anand', 'first_aid', null),
    ago: 1,
    decided: [],
  }),
  happened(known, {
    by: PIET,
    title: 'Slipped on the wet slipway',
    told: 'Weed had not been cleared after the spring tide.',
    who: hurt('Piet Lund', 'medical', '2'),
    ago: 2,
    decided: [yes(TEO, 'Spoken with Piet.')],
  }),
  happened(known, {
    by: DEV,
    title: 'Cut by a frayed wire',
    told: 'The wire had been marked for replacement.',
    who: hurt('Rafe Ilderton', 'first_aid', null),
    ago: 4,
    decided: [
      yes(SANA, '', { actions: actions('Replace the wire; gloves at the winch') }),
      yes(TEO, 'Gloves are there now.'),
    ],
  }),
  happened(known, {
    by: PIET,
    title: 'Splinter in the eye',
    told: 'Goggles were hanging at the door.',
    who: hurt('Ansel Wray', 'medical', '1'),
    ago: 5,
    decided: [yes(SANA, '', { actions: actions('Goggles at each bench') })],
  }),
  happened(known, {
    by: BEA,
    title: 'Trapped finger in the store door',
    told: 'The closer pulls too hard.',
    who: hurt('Bea Quill', 'first_aid', null),
    ago: 3,
    decided: [back(TEO, 'Which door?', [{ field: 'what_happened', says: 'Say which of the two doors.' }])],
  }),
  happened(known, {
    by: DEV,
    title: 'Fumes in the paint shed',
    told: 'The fan was off for cleaning.',
    who: hurt('Dev Anand', 'first_aid', null),
    ago: 6,
    decided: [],
  }),
];

const gift = (known: Known, amount: string, donor: string, decided: readonly Decided[]): Sent => ({
  by: BEA,
  form: 'record_donation',
  values: {
    appeal: known.appeal,
    donor_name: donor,
    amount,
    received_on: addDays(known.today, -2),
    kind: 'single',
    method: 'bank',
    gift_aid: false,
    anonymous: false,
  },
  decided,
});

const donations = (known: Known): Sent[] => [
  gift(known, '2500.00', 'Quayside Sailing School', []),
  gift(known, '1200.00', 'Hale & Finch Charters', []),
  gift(known, '5000.00', 'The Estate of Mabel Thorne', [yes(INES, 'The executor’s letter is on file.')]),
  gift(known, '1500.00', 'Anonymous, by the harbour office', [back(INES, 'From whom? We must know over 1,000.')]),
  gift(known, '1100.00', 'Lower Quay Rowing Club', [no(INES, 'It was meant for the appeal of last year.')]),
];

const credit = (known: Known, client: number, subject: string, price: string, decided: readonly Decided[]): Sent => ({
  by: BEA,
  form: '.invoices',
  values: {
    subject,
    client: known.clients[client] ?? null,
    issued_on: addDays(known.today, -20),
    due_on: addDays(known.today, 10),
    state: 'credited',
    lines: [line('Storage, cancelled', '1', price)],
  },
  decided,
});

const credits = (known: Known): Sent[] => [
  credit(known, 3, 'Winter storage, cancelled', '240.00', []),
  credit(known, 8, 'Mast unstepped twice', '85.00', []),
  credit(known, 12, 'Berth fee, charged twice', '410.00', [yes(INES, 'Charged twice, indeed.')]),
  credit(known, 20, 'Antifouling, not done', '365.00', [back(INES, 'Was the paint bought?')]),
];

const idsSchema = z.object({ records: z.array(z.object({ id: z.string() })) });
const formSchema = z.object({ version: z.int() });
const sentSchema = z.object({ id: z.string(), register: z.string() });
const traySchema = z.object({
  items: z.array(
    z.object({ sign_off: z.string(), record: z.string(), kind: z.string(), version: z.int(), step: z.int() }),
  ),
});
const workspaceSchema = z.object({
  routes: z.array(z.unknown()),
  roles: z.array(z.object({ key: z.string() })),
});

/** Whether the demonstration has its routes, or was begun before there was a role to sign them. */
export const hasRoutes = async (call: Call): Promise<boolean> => {
  const { routes: there, roles } = workspaceSchema.parse(await call('GET', '/api/workspace'));
  return there.length > 0 || !roles.some(({ key }) => key === 'trustee');
};

const idsOf = async (call: Call, register: string, filter: string, limit: number): Promise<string[]> => {
  const query = `filter=${encodeURIComponent(filter)}&limit=${limit}&sort=number`;
  return idsSchema.parse(await call('GET', `/api/registers/${register}/records?${query}`)).records.map(({ id }) => id);
};

/**
 * Makes the routes, and sends and decides what is on its way by them; `now` tells the server's clock. Gives how many records
 * were sent.
 */
export const makeSignOff = async (call: Call, as: CallAs, today: string, now: () => number): Promise<number> => {
  for (const route of routes) await call('PUT', `/api/routes/${route.key}`, route);
  const [appeal = ''] = await idsOf(call, 'appeals', 'state = "running"', 1);
  const known: Known = {
    today,
    suppliers: await idsOf(call, 'clients', 'count(purchases) > 0', 10),
    clients: await idsOf(call, 'clients', 'kind = "private"', 40),
    appeal,
  };
  const all = [...purchases(known), ...incidents(known), ...donations(known), ...credits(known)];
  for (const each of all) await sendOne(as, each, now);
  return all.length;
};

const fileSchema = z.object({ id: z.string() });

const sendOne = async (
  as: CallAs,
  { by, form, values: given, decided, quote = false }: Sent,
  now: () => number,
): Promise<void> => {
  const call = await as(by);
  const lines = ['Quotation', String(given.what_for), 'Valid for 30 days.'];
  const file = quote ? fileSchema.parse(await call('POST', '/api/files?name=quotation.pdf', quoteFile(lines))) : null;
  const values = file ? { ...given, quotes: [file.id] } : given;
  const { version } = formSchema.parse(await call('GET', `/api/forms/${encodeURIComponent(form)}`));
  const entry = { id: newId(), version, filled_in_at: new Date(now()).toISOString(), values };
  const { id } = sentSchema.parse(await call('POST', `/api/forms/${encodeURIComponent(form)}/entries`, entry));
  for (const { by: signer, decision, comment, values: filled = {}, marks = [] } of decided) {
    const sign = await as(signer);
    const { items } = traySchema.parse(await sign('GET', '/api/in-tray'));
    const item = items.find(({ record, kind }) => record === id && kind === 'sign');
    if (!item) throw new Error(`${signer} has nothing to sign of ${JSON.stringify(values)}`);
    const { version: seen, step } = item;
    await sign('POST', `/api/sign-offs/${item.sign_off}`, {
      decision,
      comment,
      version: seen,
      step,
      values: filled,
      marks,
    });
  }
};
