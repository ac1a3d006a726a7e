import { registerSchema } from '#core/register/index.ts';

const field = (key: string, label: string, type: object, required = false) => ({ key, label, type, required });

/** Amounts that nothing works out: what forms that work out themselves are tried on. Over the demonstration's clients and boats. */
export const quotes = registerSchema.parse({
  key: 'quotes',
  singular: 'Quote',
  plural: 'Quotes',
  mark: 'QUO',
  fields: [
    field('subject', 'Subject', { kind: 'text' }, true),
    field('client', 'Client', { kind: 'link', register: 'clients' }),
    field('boat', 'Boat', { kind: 'link', register: 'boats' }),
    field('issued_on', 'Issued', { kind: 'date' }),
    field('due_on', 'Due', { kind: 'date' }),
    field('net', 'Net', { kind: 'money', currency: 'GBP' }),
    field('vat', 'VAT', { kind: 'money', currency: 'GBP' }),
    field('gross', 'Total', { kind: 'money', currency: 'GBP' }),
    field('paid', 'Paid', { kind: 'money', currency: 'GBP' }),
    field('state', 'State', { kind: 'choice', list: 'invoice_states' }),
  ],
});
