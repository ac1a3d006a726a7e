/** A piece of SQL as data. Only `text` is pasted; it comes from our own source, never from what a person typed. */
export type Segment =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'identifier'; readonly names: readonly string[] }
  | {
      readonly kind: 'parameter';
      readonly value: string | number | boolean | null | readonly string[];
      readonly type: SqlType;
    };

export type SqlType =
  | 'text'
  | 'numeric'
  | 'boolean'
  | 'date'
  | 'time'
  | 'timestamptz'
  | 'interval'
  | 'daterange'
  | 'uuid'
  | 'integer'
  | 'bytea'
  | 'json'
  | 'text[]'
  | 'uuid[]'
  | 'numeric[]'
  | 'date[]';

export interface SqlFragment {
  readonly segments: readonly Segment[];
}

/** A quoted identifier; several names are joined by dots. */
export const identifier = (...names: string[]): SqlFragment => ({ segments: [{ kind: 'identifier', names }] });

/** A bound parameter, cast to its type so that PostgreSQL never guesses. */
export const parameter = (value: string | number | boolean | null | readonly string[], type: SqlType): SqlFragment => ({
  segments: [{ kind: 'parameter', value, type }],
});

/** The tagged template that joins fragments: sql`(${left} = ${right})`. Whatever stands in a hole is a fragment. */
export const sql = (strings: TemplateStringsArray, ...parts: SqlFragment[]): SqlFragment => {
  const segments: Segment[] = [];
  strings.forEach((text, i) => {
    if (text !== '') segments.push({ kind: 'text', text });
    segments.push(...(parts[i]?.segments ?? []));
  });
  return { segments };
};

/** Fragments with a fixed text between them; none gives an empty fragment. */
export const join = (parts: readonly SqlFragment[], between: string): SqlFragment => ({
  segments: parts.flatMap((part, i) =>
    i === 0 ? part.segments : [{ kind: 'text' as const, text: between }, ...part.segments],
  ),
});

/** `a and b and …`; true of none. */
export const all = (parts: readonly SqlFragment[]): SqlFragment =>
  parts.length === 0 ? sql`true` : sql`(${join(parts, ' and ')})`;

/** `a or b or …`; false of none. */
export const any = (parts: readonly SqlFragment[]): SqlFragment =>
  parts.length === 0 ? sql`false` : sql`(${join(parts, ' or ')})`;
