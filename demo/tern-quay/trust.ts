import { addDays } from '#core/base/index.ts';
import { dayAt, type MadeRecord, type Making, phone } from './making.ts';
import { FIRST, LAST } from './words.ts';

/** Invented incidents: kind, cause, title, what happened. */
const INCIDENTS = [
  [
    'near_miss',
    'rope',
    'Mooring line parted',
    'A stern line parted under load while a boat was being warped round. Nobody stood in the bight.',
  ],
  ['injury', 'slip', 'Slip on the slipway', 'Slipped on weed at the foot of the slipway while handling a trolley.'],
  [
    'damage',
    'collision',
    'Hull scraped at the wall',
    'Came alongside too fast in a cross wind and scraped the hull along the wall.',
  ],
  [
    'injury',
    'struck',
    'Hand caught in a winch',
    'The handle came off under load and struck the hand of the person winding.',
  ],
  [
    'pollution',
    'fuel',
    'Diesel spilled at the pontoon',
    'About two litres went over the side while filling a can. Boomed and mopped up.',
  ],
  [
    'near_miss',
    'deck',
    'Wet antifoul on the ladder',
    'Fresh paint on the ladder was noticed before anyone climbed it.',
  ],
  ['ill_health', 'fumes', 'Headache from solvent', 'Felt ill after an hour of stripping in the closed shed.'],
  ['injury', 'lifting', 'Back strained lifting an anchor', 'Lifted an anchor alone from the locker.'],
  [
    'damage',
    'dropped',
    'Mast lowered too fast',
    'The strop slipped and the mast came down the last half metre on the trestle.',
  ],
] as const;

const person = ({ random }: Making): string => `${random.pick(FIRST)} ${random.pick(LAST)}`;

export const makeIncidents = (
  making: Making,
  boats: readonly MadeRecord[],
  berths: readonly MadeRecord[],
): MadeRecord[] => {
  const { random, nextId, today, count } = making;
  return Array.from({ length: count }, (_, i) => {
    const [kind, cause, title, what] = INCIDENTS[i % INCIDENTS.length] ?? INCIDENTS[0];
    const day = dayAt(today, i, count, 380, 1);
    const hurtOne = kind === 'injury' || kind === 'ill_health';
    const lost = hurtOne ? random.pick([0, 0, 1, 2, 4, 9]) : 0;
    const old = i < count - 8;
    const boat = random.chance(0.6) ? random.pick(boats) : null;
    return {
      id: nextId(),
      values: {
        title,
        kind,
        cause,
        happened_at: `${day}T${String(random.whole(8, 16)).padStart(2, '0')}:${random.pick(['05', '20', '40'])}:00.000Z`,
        place: random.pick(['Slipway', 'A pontoon', 'Main shed', 'Crane pad', 'Chandlery', 'Wall']),
        berth: random.chance(0.5) ? random.pick(berths).id : null,
        boat: boat?.id ?? null,
        owner: boat?.values.owner ?? null,
        what_happened: what,
        hurt: hurtOne
          ? [
              {
                id: nextId(),
                values: {
                  name: person(making),
                  employed: random.chance(0.7),
                  body_part: random.pick(['hand', 'back', 'leg', 'foot', 'eye']),
                  injury: random.pick(['cut', 'bruise', 'sprain']),
                  severity: lost > 0 ? 'lost_time' : random.pick(['first_aid', 'medical']),
                  days_lost: `${lost}`,
                  treatment: random.pick(['First aid on site', 'Walk-in centre', null]),
                },
              },
            ]
          : [],
        witnesses: random.chance(0.5)
          ? [
              {
                id: nextId(),
                values: { name: person(making), phone: phone(random), statement: 'Saw it from the pontoon.' },
              },
            ]
          : [],
        state: old ? 'closed' : random.pick(['open', 'actions']),
        root_cause: old
          ? random.pick(['Gear past its life', 'No clear way of working', 'Housekeeping', 'Weather misjudged'])
          : null,
        actions: [
          {
            id: nextId(),
            values: {
              what: random.pick([
                'Replace the gear',
                'Put up a sign',
                'Talk it through at the Monday meeting',
                'Write down the way of working',
              ]),
              due_on: addDays(day, 14),
              done_on: old ? addDays(day, random.whole(1, 20)) : null,
            },
          },
        ],
        cost: kind === 'damage' ? `${random.whole(2, 40) * 50}` : null,
      },
    };
  });
};

/** Name, purpose, target, state, and the first and last day, counted from today. */
const APPEALS = [
  [
    'Restore the lugger Margit',
    'A **1904 lugger**, to be sailing again by her birthday.',
    48_000,
    'running',
    -390,
    260,
  ],
  ['A new slipway winch', 'The old winch has done its work.', 8_000, 'reached', -370, 60],
  ['Young sailors’ bursary', 'Places on the summer course for those who could not pay.', 9_500, 'running', -200, 80],
  ['Save the boathouse roof', 'Slates, battens and a bat survey.', 10_000, 'closed', -340, -20],
  ['Lifeboat shed museum', 'Cases and light for the collection.', 15_000, 'planned', 40, 300],
] as const;

export const makeAppeals = ({ nextId, today, count }: Making, boats: readonly MadeRecord[]): MadeRecord[] =>
  APPEALS.slice(0, count).map(([name, purpose, target, state, first, last], i) => ({
    id: nextId(),
    values: {
      name,
      purpose,
      boat: i === 0 ? (boats[0]?.id ?? null) : null,
      state,
      begins_on: addDays(today, first),
      ends_on: addDays(today, last),
      target: `${target}`,
      page: `https://tern-quay.example.org/appeals/${i + 1}`,
    },
  }));

/** Whether an appeal takes gifts on a day; ISO dates compare as texts. */
const isOpen = ({ values }: MadeRecord, day: string): boolean =>
  `${values.begins_on ?? ''}` <= day && day <= `${values.ends_on ?? ''}`;

export const makeDonations = (
  { random, nextId, today, count }: Making,
  appeals: readonly MadeRecord[],
  clients: readonly MadeRecord[],
): MadeRecord[] => {
  const private_ = clients.filter((client) => client.values.kind === 'private');
  return Array.from({ length: count }, (_, i) => {
    const client = random.chance(0.4) ? random.pick(private_) : null;
    const received = dayAt(today, i, count, 330);
    return {
      id: nextId(),
      values: {
        donor_name: client ? `${client.values.name ?? ''}` : `${random.pick(FIRST)} ${random.pick(LAST)}`,
        donor: client?.id ?? null,
        appeal: random.pick(appeals.filter((appeal) => isOpen(appeal, received))).id,
        received_on: received,
        amount: `${random.pick([5, 10, 10, 20, 20, 25, 50, 50, 100, 250])}`,
        kind: random.pick(['single', 'single', 'single', 'regular', 'in_memory']),
        method: random.pick(['bank', 'card', 'cash']),
        gift_aid: random.chance(0.6),
        anonymous: random.chance(0.1),
        thanked_on: i < count - 25 ? addDays(received, random.whole(0, 6)) : null,
      },
    };
  });
};
