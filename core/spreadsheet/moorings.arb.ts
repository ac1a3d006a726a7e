import { foldText } from '../base/index.ts';
import type { FindNamed } from './index.ts';

/** A spreadsheet of moorings as a harbour office keeps one: with a title above it, spellings, slips, and what is not known yet. */
export const MOORINGS = [
  'Moorings 2026;;;;;;;',
  'Mooring;Boat;From;Kind;Length (m);Rate;Charge;Paid',
  'A-01;Sandpiper;01/04/2026;Swinging;9.2;46.00;423.20;Y',
  'A-02;Margit of Sandvik;01/04/2026;Pontoon;12.4;58.00;719.20;Y',
  'A-03;Zephir;15/04/2026;SWINGING;8.0;46.00;368.00;N',
  'A-04;Zoë of Sandvik;TBA;Pontoon;10.6;58.00;614.80;N',
  'A-05;Tide Runner;01/04/2026;swinging;7.5;46.00;345.00;Y',
  'A-06;Lady Petrel;03/05/2026;Half tide;6.8;31.00;201.80;N',
  'A-07;Grey Thrift;01/04/2026;Pontoon;11.0;58.00;638.00;Y',
  'A-08;Tern II;01/04/2026;Half tide;6m50;31.00;201.50;Y',
  'A-09;Sandpiper;01/05/2026;Swinging;9.2;46.00;423.20;N',
  'A-10;lady petrel;01/06/2026;Half tide;6.8;31.00;210.80;N',
  ...Array.from(
    { length: 30 },
    (_, i) =>
      `B-${10 + i};Tide Runner;02/0${1 + (i % 9)}/2026;${['Swinging', 'Pontoon', 'Half tide'][i % 3]};${5 + i}.5;40.00;${(5 + i) * 40 + 20}.00;${i % 2 ? 'Y' : 'N'}`,
  ),
].join('\r\n');

/** The boats that are there. */
export const BOATS = new Map(
  ['Sandpiper', 'Margit of Sandvik', 'Zephyr', 'Zoë of Sandvik', 'Tide Runner', 'Lady Petrel', 'Grey Thrift'].map(
    (name, i) => [foldText(name), `00000000-0000-4000-8000-00000000000${i}`] as const,
  ),
);

/** Finds boats alone. */
export const findBoats: FindNamed = async (_words, among) =>
  new Map(among.filter((to) => to === 'boats').map((to) => [to, BOATS]));
