import { Random } from '../random.ts';
import { idsFrom, type MadeRecord } from './making.ts';
import { makeInvoices, makeMovements, makePurchases, makeStock } from './trade.ts';
import { makeAppeals, makeDonations, makeIncidents } from './trust.ts';
import { makeBerths, makeBoats, makeClients } from './yard.ts';

export type { MadeRecord } from './making.ts';

/** Records by register, in the order in which they can be stored: what is linked to comes first. */
export type MadeData = readonly { readonly register: string; readonly records: readonly MadeRecord[] }[];

const SIZES = {
  clients: 200,
  boats: 180,
  berths: 60,
  stock: 600,
  movements: 1500,
  invoices: 1300,
  incidents: 40,
  appeals: 5,
  donations: 500,
  purchases: 100,
};

/**
 * The Tern Quay records: everything invented, from a fixed seed; only the dates follow the day `today`, so that
 * "overdue" and "this month" always show something.
 */
export const makeTernQuay = (today: string, sizes: Partial<typeof SIZES> = {}): MadeData => {
  const random = new Random(4780);
  const nextId = idsFrom(random);
  const counts = { ...SIZES, ...sizes };
  const of = (register: keyof typeof SIZES) => ({ random, nextId, today, count: counts[register] });
  const clients = makeClients(of('clients'));
  const berths = makeBerths(of('berths'));
  const boats = makeBoats(of('boats'), clients, berths);
  const stock = makeStock(of('stock'));
  const invoices = makeInvoices(of('invoices'), boats, stock);
  const purchases = makePurchases(of('purchases'), clients, stock);
  const movements = makeMovements(of('movements'), stock);
  const incidents = makeIncidents(of('incidents'), boats, berths);
  const appeals = makeAppeals(of('appeals'), boats);
  const donations = makeDonations(of('donations'), appeals, clients);
  return [
    { register: 'clients', records: clients },
    { register: 'berths', records: berths },
    { register: 'boats', records: boats },
    { register: 'stock', records: stock },
    { register: 'invoices', records: invoices },
    { register: 'purchases', records: purchases },
    { register: 'movements', records: movements },
    { register: 'incidents', records: incidents },
    { register: 'appeals', records: appeals },
    { register: 'donations', records: donations },
  ];
};
