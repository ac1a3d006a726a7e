import { addDays, Decimal, roundHalfAway } from '#core/base/index.ts';
import { gtinCheckDigit } from '#core/values/index.ts';
import { dayAt, type MadeRecord, type Making } from './making.ts';

/** What the chandlery sells and the yard does: group, words, unit, lowest and highest price. */
const GOODS = [
  ['rope', ['Polyester braid', 'Mooring line', 'Dyneema core', 'Shock cord', 'Anchor warp'], 'metre', 1, 9],
  ['paint', ['Antifoul', 'Primer', 'Topcoat', 'Varnish', 'Thinner'], 'litre', 12, 60],
  ['engine', ['Impeller', 'Oil filter', 'Fuel filter', 'Alternator belt', 'Zinc anode'], 'each', 5, 90],
  ['safety', ['Lifejacket', 'Flare pack', 'Fire blanket', 'Horseshoe buoy', 'Jackstay'], 'each', 15, 160],
  ['fittings', ['Cleat', 'Shackle', 'Fairlead', 'Winch handle', 'Block'], 'each', 3, 120],
  ['services', ['Haul out', 'Pressure wash', 'Mast lift', 'Labour', 'Winter storage'], 'hour', 35, 95],
] as const;
const SIZES = [
  '6 mm',
  '8 mm',
  '10 mm',
  '12 mm',
  '14 mm',
  'small',
  'medium',
  'large',
  'red',
  'blue',
  'white',
  'grey',
  '0.75 l',
  '2.5 l',
  '5 l',
  'short',
  'long',
  'light',
  'heavy',
  'standard',
];
const SHELVES = ['A1', 'A2', 'B1', 'B2', 'C1', 'C4', 'Yard', 'Paint store'];

/** A GTIN-13 of the range GS1 keeps for use inside one firm (prefix 20 to 29), with its check digit. */
const gtin = (i: number): string => {
  const body = `2${String(10_000_000_000 + i * 7919).slice(-11)}`;
  return `${body}${gtinCheckDigit(body)}`;
};

export const makeStock = ({ random, nextId, count }: Making): MadeRecord[] =>
  Array.from({ length: count }, (_, i) => {
    const [group, words, unit, least, most] = GOODS[i % GOODS.length] ?? GOODS[0];
    const cost = new Decimal(random.whole(least * 100, most * 100)).div(100);
    const counted = group !== 'services';
    const n = Math.floor(i / GOODS.length);
    const reorder = random.whole(2, 12) * 5;
    return {
      id: nextId(),
      values: {
        name: `${words[n % words.length] ?? ''}, ${SIZES[Math.floor(n / words.length) % SIZES.length] ?? ''}`,
        code: `${group.slice(0, 2).toUpperCase()}-${String(n + 1).padStart(4, '0')}`,
        group,
        unit,
        bar_code: counted && random.chance(0.8) ? gtin(i) : null,
        shelf: counted ? random.pick(SHELVES) : null,
        sale_price: roundHalfAway(cost.mul('1.45'), 2).toFixed(),
        cost_price: cost.toFixed(),
        // Lifejackets and other safety gear stand for what is taxed at the lower rate here: invented.
        vat_rate: group === 'safety' ? 'reduced' : 'standard',
        counted,
        reorder_point: counted ? `${reorder}` : null,
        reorder_quantity: counted ? `${reorder * 2}` : null,
      },
    };
  });

/** A receipt for every counted item, then what was issued, returned and written off over the year. */
export const makeMovements = ({ random, nextId, today, count }: Making, stock: readonly MadeRecord[]): MadeRecord[] => {
  const counted = stock.filter((item) => item.values.counted === true);
  return Array.from({ length: count }, (_, i) => {
    const first = i < counted.length;
    const item = first ? counted[i] : random.pick(counted);
    const kind = first
      ? 'receipt'
      : random.pick(['issue', 'issue', 'issue', 'issue', 'receipt', 'return', 'write_off', 'count_down'] as const);
    const large = kind === 'receipt';
    return {
      id: nextId(),
      values: {
        what: `${item?.values.name ?? ''}`,
        stock: item?.id ?? null,
        kind,
        moved_on: dayAt(today, i, count, 300, 1),
        quantity: `${large ? random.whole(8, 30) * 5 : random.whole(1, 12)}`,
        unit_cost: item?.values.cost_price ?? null,
      },
    };
  });
};

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

const lineOf = (making: Making, item: MadeRecord): { id: string; values: Record<string, string | null> } => ({
  id: making.nextId(),
  values: {
    stock: item.id,
    what: `${item.values.name ?? ''}`,
    quantity:
      item.values.unit === 'hour'
        ? `${making.random.whole(1, 12)}.${making.random.pick(['0', '5'])}`
        : `${making.random.whole(1, 12)}`,
    unit_price: `${item.values.sale_price ?? '0'}`,
    vat_rate: `${item.values.vat_rate ?? 'standard'}`,
  },
});

/** Net and VAT of some lines as the invoice works them out: VAT once per rate, rounded half away from zero. */
const grossOf = (lines: readonly { values: Record<string, string | null> }[]): Decimal => {
  const net = (rate: string) =>
    lines
      .filter((line) => line.values.vat_rate === rate)
      .reduce(
        (sum, { values }) => sum.add(roundHalfAway(new Decimal(values.quantity ?? 0).mul(values.unit_price ?? 0), 2)),
        new Decimal(0),
      );
  const [standard, reduced] = [net('standard'), net('reduced')];
  return standard
    .add(reduced)
    .add(roundHalfAway(standard.mul('0.2'), 2))
    .add(roundHalfAway(reduced.mul('0.05'), 2));
};

/** Days are ISO texts, which order as time does. */
const earlier = (a: string, b: string): string => [a, b].toSorted()[0] ?? a;

export const makeInvoices = (
  making: Making,
  boats: readonly MadeRecord[],
  stock: readonly MadeRecord[],
): MadeRecord[] => {
  const { random, nextId, today, count } = making;
  const owned = boats.filter((boat) => boat.values.owner !== null);
  // The two boats of the client who signs in as one in the demonstration, and the three invoices for them.
  const own = boats.filter((_, i) => i === 2 || i === 5);
  const [first, second] = own;
  const sent = new Map([
    [Math.floor(count * 0.4), first],
    [Math.floor(count * 0.8), second],
    [count - 20, first],
  ]);
  return Array.from({ length: count }, (_, i) => {
    const picked = random.pick(owned);
    const boat = sent.get(i) ?? (own.includes(picked) ? (owned[0] ?? picked) : picked);
    const lines = Array.from({ length: random.whole(1, 5) }, () => lineOf(making, random.pick(stock)));
    const gross = grossOf(lines);
    const issued = dayAt(today, i, count, 400);
    // What is old was mostly paid; the last weeks are mostly open.
    const recent = i > count * 0.85;
    const state =
      i >= count - 6
        ? 'draft'
        : random.pick(
            recent
              ? (['issued', 'issued', 'part_paid', 'paid'] as const)
              : (['paid', 'paid', 'paid', 'paid', 'paid', 'paid', 'paid', 'issued', 'part_paid'] as const),
          );
    const amount = state === 'paid' ? gross : state === 'part_paid' ? roundHalfAway(gross.div(2), 2) : null;
    const paid = addDays(issued, random.whole(3, 40));
    return {
      id: nextId(),
      values: {
        subject: `${random.pick(WORK)}, ${boat.values.name ?? ''}`,
        client: boat.values.owner ?? null,
        boat: boat.id,
        issued_on: issued,
        due_on: addDays(issued, 30),
        state,
        lines,
        payments:
          amount === null
            ? []
            : [
                {
                  id: nextId(),
                  values: {
                    paid_on: earlier(paid, today),
                    amount: amount.toFixed(),
                    method: random.pick(['bank', 'bank', 'card']),
                    reference: null,
                  },
                },
              ],
      },
    };
  });
};

export const makePurchases = (
  making: Making,
  clients: readonly MadeRecord[],
  stock: readonly MadeRecord[],
): MadeRecord[] => {
  const { random, nextId, today, count } = making;
  const suppliers = clients.filter((client) => client.values.kind === 'firm').slice(0, 12);
  const counted = stock.filter((item) => item.values.counted === true);
  return Array.from({ length: count }, (_, i) => {
    const requested = dayAt(today, i, count, 300);
    const first = random.pick(counted);
    const lines = [first, ...Array.from({ length: random.whole(0, 3) }, () => random.pick(counted))].map((item) => {
      const line = lineOf(making, item);
      return {
        ...line,
        values: {
          ...line.values,
          quantity: `${random.whole(1, 10) * 5}`,
          unit_price: `${item.values.cost_price ?? '0'}`,
        },
      };
    });
    return {
      id: nextId(),
      values: {
        what_for: `${first.values.name ?? ''} for the ${random.pick(['chandlery', 'yard', 'workshop'])}`,
        supplier: random.pick(suppliers).id,
        requested_on: requested,
        needed_by: addDays(requested, random.whole(5, 40)),
        cost_centre: random.pick(['yard', 'chandlery', 'office', 'restoration', 'moorings']),
        state:
          i > count - 12
            ? random.pick(['requested', 'approved', 'ordered'])
            : random.pick(['received', 'received', 'received', 'cancelled']),
        lines,
      },
    };
  });
};
