import type { Scalar } from '../values/index.ts';
import type { Given, Item } from './index.ts';

/** Records of the test catalogue, with nothing in every place and values at the edges of order and of the calendar. */
export const RECORDS: Readonly<Record<string, readonly Readonly<Record<string, Scalar>>[]>> = {
  clients: [
    { id: '00000000-0000-7000-8000-00000000c001', name: 'Ødegård', phone: '+47 22' },
    { id: '00000000-0000-7000-8000-00000000c002', name: 'straße ΑΣ', phone: null },
    { id: '00000000-0000-7000-8000-00000000c003', name: null, phone: '' },
  ],
  boats: [
    {
      id: '00000000-0000-7000-8000-00000000b001',
      name: 'Warp',
      owner: '00000000-0000-7000-8000-00000000c001',
      length_overall: '7.5',
    },
    {
      id: '00000000-0000-7000-8000-00000000b002',
      name: 'Ｗ～',
      owner: '00000000-0000-7000-8000-00000000c001',
      length_overall: null,
    },
    { id: '00000000-0000-7000-8000-00000000b003', name: null, owner: null, length_overall: '999999999999999.999999' },
    {
      id: '00000000-0000-7000-8000-00000000b004',
      name: 'İ',
      owner: '00000000-0000-7000-8000-00000000c002',
      length_overall: '-0.000001',
    },
  ],
  near_misses: [
    {
      id: '00000000-0000-7000-8000-00000000a001',
      title: null,
      when: null,
      boat: null,
      owner: null,
      severity: null,
      cost: null,
      reported_on: null,
      witnessed: null,
      took: null,
      closed: null,
      moored: null,
      what_happened: null,
    },
    {
      id: '00000000-0000-7000-8000-00000000a002',
      title: 'Warp parted',
      when: '2026-11-23T10:40:00.000Z',
      boat: '00000000-0000-7000-8000-00000000b001',
      owner: '00000000-0000-7000-8000-00000000c001',
      severity: 'damage',
      cost: '500',
      reported_on: '2026-11-23',
      witnessed: true,
      took: 'PT7H30M',
      closed: '2026-11-20/2026-11-23',
      moored: '2026-11-23/2026-11-25',
      what_happened: 'a;b;c\n2 × 3 = 6',
    },
    {
      id: '00000000-0000-7000-8000-00000000a003',
      title: '～',
      when: '2026-11-23T10:40:00.001Z',
      boat: '00000000-0000-7000-8000-00000000b001',
      owner: '00000000-0000-7000-8000-00000000c002',
      severity: 'injury',
      cost: '-0.01',
      reported_on: '2026-11-24',
      witnessed: false,
      took: '-PT45M',
      closed: '2026-11-23/2026-11-23',
      moored: '2026-11-20/2026-11-23',
      what_happened: '12.50',
    },
    {
      id: '00000000-0000-7000-8000-00000000a004',
      title: '🚤 "quoted" \\ 100%',
      when: '2026-03-29T01:00:00.000Z',
      boat: '00000000-0000-7000-8000-00000000b003',
      owner: null,
      severity: 'scare',
      cost: '0',
      reported_on: '2024-02-29',
      witnessed: null,
      took: 'PT0S',
      closed: '2024-02-28/2024-03-01',
      moored: '2024-02-28/2024-02-29',
      what_happened: 'ǅ ŉ ﬁ',
    },
    {
      id: '00000000-0000-7000-8000-00000000a005',
      title: 'warp',
      when: '0001-01-02T00:00:00.000Z',
      boat: '00000000-0000-7000-8000-00000000b004',
      owner: '00000000-0000-7000-8000-00000000c003',
      severity: 'scare',
      cost: '999999999999999.99',
      reported_on: '0001-01-01',
      witnessed: true,
      took: 'P400D',
      closed: '0001-01-01/0001-01-01',
      moored: '0001-01-01/9999-12-31',
      what_happened: '-7',
    },
    {
      id: '00000000-0000-7000-8000-00000000a006',
      title: 'Zz',
      when: '9999-12-30T22:00:00.000Z',
      boat: '00000000-0000-7000-8000-00000000b001',
      owner: '00000000-0000-7000-8000-00000000c001',
      severity: 'damage',
      cost: '0.3',
      reported_on: '9999-12-31',
      witnessed: false,
      took: 'PT1S',
      closed: '9999-12-31/9999-12-31',
      moored: '9999-12-30/9999-12-31',
      what_happened: ' x ',
    },
  ],
};

const LINKS: Readonly<Record<string, string>> = { boat: 'boats', owner: 'clients' };
/** What points back: the list's name, per register, and the link it goes by. */
const BACK: Readonly<Record<string, string>> = { clients: 'owner', boats: 'boat' };

/** A record as the evaluator reads it: across links, and with the records that point back. */
export const itemOf = (register: string, record: Readonly<Record<string, Scalar>>): Item => ({
  read: ([name = '', ...rest]): Given => {
    const list = RECORDS[name];
    if (list) return list.filter((each) => each[BACK[register] ?? ''] === record.id).map((each) => itemOf(name, each));
    const value = record[name] ?? null;
    if (rest.length === 0) return value;
    const target = LINKS[name] ?? '';
    const linked = RECORDS[target]?.find((each) => each.id === value);
    // A path through nothing is nothing; of records that point back it is none.
    return linked ? itemOf(target, linked).read(rest) : null;
  },
});
