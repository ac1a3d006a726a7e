import { addDays, Decimal, roundHalfAway, uuidV7 } from '#core/base/index.ts';
import { Random } from '../random.ts';

export interface MadeRecord {
  readonly id: string;
  readonly values: Readonly<Record<string, string | boolean | null>>;
}

/** Records by register, in the order in which they can be stored: what is linked to comes first. */
export type MadeData = readonly { readonly register: string; readonly records: readonly MadeRecord[] }[];

const FIRST =
  'Anneke Tomas Orrin Maud Idris Halla Corin Petra Lowen Sefa Bram Tilda Evan Rosa Jory Noor Kester Wilma Ansel Dara Fenn Greta Hugo Iva Joss Kit Lena Milo Nia Odd'.split(
    ' ',
  );
const LAST =
  'Voss Reed Pell Harrow Quayle Thorne Skerry Ludd Marsden Okoro Brine Fallow Greaves Hythe Ivers Jessop Kell Lomax Mercer Nance Orme Penrose Rudd Sorrel Tarrant Upton Vane Wick Yarrow Zell'.split(
    ' ',
  );
const FIRM = [
  'Charters',
  'Boat Hire',
  'Sailing School',
  'Sea Anglers',
  'Rowing Club',
  'Marine Survey',
  'Dive Club',
  'Sail Makers',
];
const PLACE = [
  'Quayside',
  'Northmoor',
  'Saltbridge',
  'Gull Reach',
  'Ferry Lane',
  'Old Mole',
  'Tide Mill',
  'Sandvik',
  'Crab Hill',
  'Lee Shore',
];
const BOAT_A = [
  'Margit',
  'Tide',
  'Sand',
  'Silver',
  'Wander',
  'North',
  'Merry',
  'Grey',
  'Morning',
  'Sea',
  'Lady',
  'Little',
  'Storm',
  'Blue',
  'Quiet',
];
const BOAT_B = [
  'of Sandvik',
  'Runner',
  'piper',
  'Wake',
  'Star',
  'Petrel',
  'Lass',
  'Heron',
  'Mist',
  'Thrift',
  'Avocet',
  'Gannet',
  'Tern',
  'Marigold',
  'Dabchick',
];
const WORK = [
  'Haul out',
  'Antifoul',
  'Winter storage',
  'Engine service',
  'Rig check',
  'Berth fee',
  'Hull repair',
  'Anodes',
  'Launch',
  'Mast lift',
];

const STREET = ['Harbour Row', 'Chandler’s Lane', 'Rope Walk', 'Signal Street', 'Lower Quay'];

/** A telephone number of the range Ofcom keeps for drama (01632 960000 to 960999). */
const phone = (random: Random): string => `01632 960${String(random.whole(0, 999)).padStart(3, '0')}`;

const ids = (random: Random) => {
  let at = Date.UTC(2026, 0, 1);
  return () => uuidV7(at++, random.bytes(10));
};

/**
 * The Tern Quay records: everything invented, from a fixed seed; only the dates follow the day `today`, so that
 * "overdue" and "this month" always show something.
 */
export const makeTernQuay = (
  today: string,
  sizes = { clients: 200, boats: 180, berths: 60, invoices: 200 },
): MadeData => {
  const random = new Random(4780);
  const nextId = ids(random);
  const clients = makeClients(random, nextId, today, sizes.clients);
  const berths = makeBerths(random, nextId, sizes.berths);
  const boats = makeBoats(random, nextId, today, sizes.boats, clients, berths);
  const invoices = makeInvoices(random, nextId, today, sizes.invoices, boats);
  return [
    { register: 'clients', records: clients },
    { register: 'berths', records: berths },
    { register: 'boats', records: boats },
    { register: 'invoices', records: invoices },
  ];
};

const makeClients = (random: Random, nextId: () => string, today: string, count: number): MadeRecord[] =>
  Array.from({ length: count }, (_, i) => {
    const person = `${random.pick(FIRST)} ${random.pick(LAST)}`;
    const firm = random.chance(0.3);
    const name =
      i === 0
        ? 'Orla Margetts'
        : i === 1
          ? 'Hale & Finch Charters'
          : firm
            ? `${random.pick(PLACE)} ${random.pick(FIRM)}`
            : person;
    const isFirm = firm || i === 1;
    const kind =
      !isFirm || i === 0 ? 'private' : name.endsWith('Club') ? 'club' : name.endsWith('School') ? 'school' : 'firm';
    return {
      id: nextId(),
      values: {
        name,
        kind,
        email: `${name
          .toLowerCase()
          .replace(/[^a-z]+/g, '.')
          // The first client is the demonstration's person of that name: her e-mail ties the two.
          .replace(/^\.|\.$/g, '')}${i === 0 ? '' : i}@example.org`,
        phone: phone(random),
        address: `${random.whole(1, 80)} ${random.pick(STREET)}\nTern Quay`,
        client_since: addDays(today, -random.whole(30, 4000)),
        credit_limit: kind === 'private' ? null : `${random.whole(1, 20) * 250}`,
        newsletter: random.chance(0.4),
      },
    };
  });

const makeBerths = (random: Random, nextId: () => string, count: number): MadeRecord[] =>
  Array.from({ length: count }, (_, i) => {
    const [code, letter] = (
      [
        ['a_pontoon', 'A'],
        ['b_pontoon', 'B'],
        ['c_pontoon', 'C'],
        ['wall', 'W'],
      ] as const
    )[i % 4] ?? ['wall', 'W'];
    return {
      id: nextId(),
      values: {
        name: `${letter}${Math.floor(i / 4) + 1}`,
        pontoon: code,
        longest: `${random.whole(6, 18)}`,
        shore_power: random.chance(0.7),
        yearly_fee: `${random.whole(12, 60) * 50}`,
      },
    };
  });

const makeBoats = (
  random: Random,
  nextId: () => string,
  today: string,
  count: number,
  clients: readonly MadeRecord[],
  berths: readonly MadeRecord[],
): MadeRecord[] => {
  const free = [...berths];
  return Array.from({ length: count }, (_, i) => {
    const [a, b] = [BOAT_A[i % BOAT_A.length] ?? '', BOAT_B[Math.floor(i / BOAT_A.length) % BOAT_B.length] ?? ''];
    const state = random.pick(['afloat', 'afloat', 'ashore', 'ashore', 'away', 'sold'] as const);
    const berth = state === 'afloat' ? free.shift() : undefined;
    const owner = i === 0 ? clients[1] : i === 2 ? clients[0] : random.pick(clients);
    return {
      id: nextId(),
      values: {
        name: b === 'piper' ? `${a} Piper` : `${a} ${b}`,
        owner: owner?.id ?? null,
        hull: random.pick(['sail', 'sail', 'motor', 'rowing', 'work_boat'] as const),
        length_overall: `${random.whole(4, 14)}.${random.whole(1, 9)}`,
        built: `${random.whole(1962, 2024)}`,
        state,
        berth: berth?.id ?? null,
        insured_until: addDays(today, random.whole(-60, 330)),
      },
    };
  });
};

/** VAT at 20 %, each invoice rounded half away from zero to the penny (common practice). */
const makeInvoices = (
  random: Random,
  nextId: () => string,
  today: string,
  count: number,
  boats: readonly MadeRecord[],
): MadeRecord[] =>
  Array.from({ length: count }, (_, i) => {
    const boat = random.pick(boats);
    const net = new Decimal(random.whole(2_000, 300_000)).div(100);
    const vat = roundHalfAway(net.mul('0.2'), 2);
    const total = net.add(vat);
    const issued = addDays(today, -Math.floor(((count - i) * 240) / count));
    const state = random.pick(['issued', 'issued', 'part_paid', 'paid', 'paid', 'paid', 'draft'] as const);
    const paid = state === 'paid' ? total : state === 'part_paid' ? roundHalfAway(total.div(2), 2) : new Decimal(0);
    return {
      id: nextId(),
      values: {
        subject: `${random.pick(WORK)}, ${boat.values.name ?? ''}`,
        client: boat.values.owner ?? null,
        boat: boat.id,
        issued_on: issued,
        due_on: addDays(issued, 30),
        net: net.toFixed(),
        vat: vat.toFixed(),
        gross: total.toFixed(),
        paid: paid.toFixed(),
        state,
      },
    };
  });
