import { describe, expect, test } from 'vitest';
import { formSchema } from '../form/index.ts';
import { choiceListSchema, type Register, registerSchema } from '../register/index.ts';
import { routeSchema } from '../signoff/index.ts';
import { rowFieldsIn } from '../values/index.ts';
import { Identifier, renamesBetween, renamesOfReserved } from './index.ts';

const counter = () => {
  let n = 0;
  return () => `00000000-0000-7000-8000-${String(++n).padStart(12, '0')}`;
};

const invoices = registerSchema.parse({
  key: 'invoices',
  singular: 'Invoice',
  plural: 'Invoices',
  mark: 'INV',
  fields: [
    { key: 'subject', label: 'Subject', type: { kind: 'text' } },
    { key: 'paid_on', label: 'Paid on', type: { kind: 'date' } },
    {
      key: 'lines',
      label: 'Lines',
      type: {
        kind: 'rows',
        singular: 'Line',
        plural: 'Lines',
        fields: [
          { key: 'what', label: 'What', type: { kind: 'text' } },
          { key: 'net', label: 'Net', type: { kind: 'money', currency: 'GBP' } },
        ],
      },
    },
  ],
});

const idsOf = (register: Register): Record<string, string | undefined> =>
  Object.fromEntries([
    ['', register.id],
    ...register.fields.flatMap(({ key, id, type }) => [
      [key, id],
      ...rowFieldsIn(type).map((row) => [`${key}.${row.key}`, row.id]),
    ]),
  ]);

describe('ids of definitions', () => {
  const identifier = new Identifier(counter());
  const made = identifier.register(invoices);

  test('are given to a register, its fields and those of its rows, each its own', () => {
    const ids = Object.values(idsOf(made));
    expect(ids).toHaveLength(6);
    expect(new Set(ids).size).toBe(6);
    expect(ids.every((id) => id?.startsWith('00000000-0000-7000'))).toBe(true);
  });

  test('stay, whatever else changes, also where a document does not name them', () => {
    const labelled = {
      ...invoices,
      fields: invoices.fields.map((field) => ({ ...field, label: `${field.label} now` })),
    };
    expect(idsOf(identifier.register(labelled, made))).toEqual(idsOf(made));
    expect(JSON.stringify(identifier.register(invoices, made))).toBe(JSON.stringify(registerSchema.parse(made)));
  });

  test('are kept by what is called otherwise and names them; what takes over a key is something else', () => {
    const [subject, paidOn, lines] = made.fields;
    if (!subject || !paidOn || !lines) throw new Error('no fields');
    const fields = [
      { ...subject, key: 'about' },
      { ...invoices.fields[0], key: 'subject', label: 'New', type: subject.type, required: false },
      paidOn,
      lines,
    ];
    const after = identifier.register({ ...made, fields }, made);
    expect(after.fields[0]?.id).toBe(subject.id);
    expect(Object.values(idsOf(made))).not.toContain(after.fields[1]?.id);
    expect(renamesBetween(made, after)).toEqual([{ register: 'invoices', from: 'subject', to: 'about' }]);
  });

  test('tell a rename in rows from a field taken away, by the key the rows have then', () => {
    const fields = made.fields.map((field) => {
      if (field.type.kind !== 'rows') return field;
      const held = field.type.fields.map((row) => (row.key === 'net' ? { ...row, key: 'amount' } : row));
      return { ...field, key: 'items', type: { ...field.type, fields: held } };
    });
    expect(renamesBetween(made, { ...made, fields })).toEqual([
      { register: 'invoices', from: 'lines', to: 'items' },
      { register: 'invoices.items', from: 'net', to: 'amount' },
    ]);
    expect(renamesBetween(made, { ...invoices, fields: invoices.fields.slice(1) })).toEqual([]);
  });

  test('of a copy are its own', () => {
    const twice = identifier.register(
      { ...made, fields: [...made.fields, ...made.fields.slice(0, 1).map((field) => ({ ...field, key: 'copy' }))] },
      made,
    );
    expect(new Set(Object.values(idsOf(twice))).size).toBe(7);
    expect(identifier.register({ ...made, key: 'offers' }).id).not.toBe(made.id);
  });

  test('in a workspace file are kept where an empty database is made from it', () => {
    const [own, fromFile] = ['11111111-1111-7111-8111-111111111111', new Identifier(counter(), true)];
    expect(fromFile.register({ ...invoices, id: own }).id).toBe(own);
    expect(new Identifier(counter()).register({ ...invoices, id: own }).id).not.toBe(own);
  });

  test('are given to choices, questions, pages and steps too', () => {
    const list = choiceListSchema.parse({
      key: 'l',
      label: 'L',
      choices: [
        { code: 'a', label: 'A' },
        { code: 'b', label: 'B' },
      ],
    });
    const form = formSchema.parse({
      key: 'f',
      label: 'F',
      register: 'invoices',
      questions: [{ field: 'subject', page: 'p' }],
      pages: [{ key: 'p', label: 'P' }],
    });
    const route = routeSchema.parse({
      key: 'r',
      label: 'R',
      register: 'invoices',
      last_resort: { kind: 'role', role: 'x' },
      steps: [
        { label: 'One', who: { kind: 'role', role: 'x' }, condition: null },
        { label: 'Two', who: { kind: 'role', role: 'x' }, condition: null },
      ],
    });
    const [aList, aForm, aRoute] = [identifier.choiceList(list), identifier.form(form), identifier.route(route)];
    const all = [aList, ...aList.choices, aForm, ...aForm.questions, ...aForm.pages, aRoute, ...aRoute.steps];
    expect(new Set(all.map(({ id }) => id)).size).toBe(9);
    const [one, two] = aRoute.steps;
    if (!one || !two) throw new Error('no steps');
    const turned = identifier.route({ ...route, steps: [...route.steps].reverse() }, aRoute);
    expect(turned.steps.map(({ id }) => id)).toEqual([two.id, one.id]);
  });
});

test('fields that are called as a word of the language get free keys, in rows too', () => {
  const called = (fields: Register['fields']) =>
    renamesOfReserved({
      locale: 'en-GB',
      zone: 'UTC',
      currency: 'GBP',
      registers: new Map([['invoices', { ...invoices, fields }]]),
      choiceLists: new Map(),
    });
  const fields = invoices.fields.flatMap((field): Register['fields'] => {
    if (field.type.kind !== 'rows') return [{ ...field, key: field.key === 'subject' ? 'record' : 'record_2' }];
    const held = field.type.fields.map((row) => ({ ...row, key: row.key === 'net' ? 'overlaps' : row.key }));
    return [{ ...field, key: 'others', type: { ...field.type, fields: held } }];
  });
  expect(called(fields)).toEqual([
    { register: 'invoices', from: 'record', to: 'record_3' },
    { register: 'invoices', from: 'others', to: 'others_2' },
    { register: 'invoices.others_2', from: 'overlaps', to: 'overlaps_2' },
  ]);
  expect(called(invoices.fields)).toEqual([]);
});
