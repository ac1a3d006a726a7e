import { addDays } from '#core/base/index.ts';
import { type MadeRecord, type Making, phone } from './making.ts';
import { BOAT_A, BOAT_B, FIRM, FIRST, LAST, PLACE, STREET } from './words.ts';

const firstWord = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z]+/g, '-')
    .replace(/^-|-$/g, '');

export const makeClients = ({ random, nextId, today, count }: Making): MadeRecord[] =>
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
        address: `${random.whole(1, 80)} ${random.pick(STREET)}\n\nTern Quay\nTQ1 ${random.whole(1, 9)}AB\n`,
        client_since: addDays(today, -random.whole(30, 4000)),
        credit_limit: kind === 'private' ? null : `${random.whole(1, 20) * 250}`,
        newsletter: random.chance(0.4),
        web: isFirm && random.chance(0.6) ? `https://${firstWord(name)}.example.org/` : null,
        notes: random.chance(0.1) ? '**Rings before coming.** Key kept at the office.' : null,
      },
    };
  });

export const makeBerths = ({ random, nextId, count }: Making): MadeRecord[] =>
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
        position: `50.33${String(8100 + i * 7).padStart(4, '0')},-4.11${String(2300 + (i % 4) * 41).padStart(4, '0')}`,
        services: ['water', ...(random.chance(0.7) ? ['power'] : []), ...(random.chance(0.2) ? ['lift'] : [])],
      },
    };
  });

export const makeBoats = (
  { random, nextId, today, count }: Making,
  clients: readonly MadeRecord[],
  berths: readonly MadeRecord[],
): MadeRecord[] => {
  const free = [...berths];
  return Array.from({ length: count }, (_, i) => {
    const [a, b] = [BOAT_A[i % BOAT_A.length] ?? '', BOAT_B[Math.floor(i / BOAT_A.length) % BOAT_B.length] ?? ''];
    const state = random.pick(['afloat', 'afloat', 'ashore', 'ashore', 'away', 'sold'] as const);
    const berth = state === 'afloat' ? free.shift() : undefined;
    // The first client, who signs in as one in the demonstration, owns two boats and no more.
    const own = i === 2 || i === 5;
    const picked = i === 0 ? clients[1] : i === 2 ? clients[0] : random.pick(clients);
    const owner = own ? clients[0] : picked === clients[0] ? clients[1] : picked;
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
        beam: `${random.whole(1, 4)}.${random.whole(1, 9)}`,
        draught: `${random.whole(0, 2)}.${random.whole(1, 9)}`,
        sail_number: random.chance(0.3) ? `GBR ${random.whole(100, 9999)}` : null,
      },
    };
  });
};
