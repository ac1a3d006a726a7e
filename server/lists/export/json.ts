import type { ListFormat } from './writer.ts';

/** Values as they are stored, and what links lead to by the numbers of the records (RFC 8259). */
export const json: ListFormat = {
  mediaType: 'application/json; charset=utf-8',
  extension: 'json',
  begin: (to, { register, fields }) => {
    to.write(`{"register":${JSON.stringify(register.key)},"records":[`);
    let separator = '\n';
    return {
      add: (records) => {
        for (const { number, title, values, links } of records) {
          const held = Object.fromEntries(fields.map(({ key }) => [key, values[key] ?? null]));
          const linked = Object.fromEntries(
            fields.flatMap(({ key }) => (links[key] ? [[key, links[key].number] as const] : [])),
          );
          to.write(`${separator}${JSON.stringify({ number, title, values: held, links: linked })}`);
          separator = ',\n';
        }
      },
      end: () => {
        to.end('\n]}\n');
      },
    };
  },
};
