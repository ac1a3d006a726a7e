import { expect, test } from 'vitest';
import type { Role } from '#core/access/index.ts';
import { readPasted } from './pasted-people.ts';

const ROLES: Role[] = [
  { key: 'yard_hand', label: 'Yard hand', sets_up: [], registers: {} },
  { key: 'office', label: 'Office', sets_up: [], registers: {} },
];
const WREN = { name: 'Wren Attwater', email: 'wren@example.org', telephone: '', roles: ['office'] };

test.each([
  ['name and address, by a comma', 'Wren Attwater, wren@example.org', [WREN]],
  ['address and name, by a tab', 'wren@example.org\tWren Attwater', [WREN]],
  ['as it stands in a mail', 'Wren Attwater <wren@example.org>', [WREN]],
  [
    'a head that names the columns',
    'E-mail;Phone;Name\nwren@example.org;01632 960001;Wren Attwater',
    [{ ...WREN, telephone: '01632 960001' }],
  ],
  [
    'roles by what they are called',
    'name,email,roles\nWren Attwater,wren@example.org,yard HAND',
    [{ ...WREN, roles: ['yard_hand'] }],
  ],
  [
    'a role that is none stays, to be told of',
    'name,email,role\nWren Attwater,wren@example.org,Pilot',
    [{ ...WREN, roles: ['Pilot'] }],
  ],
  ['empty lines between', '\nWren Attwater,wren@example.org\n\n\n', [WREN]],
  ['a quoted comma', '"Attwater, Wren",wren@example.org', [{ ...WREN, name: 'Attwater, Wren' }]],
])('people are read from %s', (_, text, people) => expect(readPasted(text, ROLES, 'office')).toEqual(people));

test('five hundred lines are five hundred people', () => {
  const text = Array.from({ length: 500 }, (_, i) => `Person ${i},p${i}@example.org`).join('\n');
  expect(readPasted(text, ROLES, '')).toHaveLength(500);
});
