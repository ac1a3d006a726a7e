import type { Segment, SqlFragment } from '#core/sql/index.ts';

/** A fragment as text with numbered parameters, as `pg` takes it. */
export const printed = ({ segments }: SqlFragment): { text: string; values: unknown[] } => {
  const values: unknown[] = [];
  const write = (segment: Segment): string => {
    switch (segment.kind) {
      case 'text':
        return segment.text;
      case 'identifier':
        return segment.names.map((name) => `"${name.replaceAll('"', '""')}"`).join('.');
      case 'parameter':
        return `$${values.push(segment.value)}::${segment.type}`;
    }
  };
  return { text: segments.map(write).join(''), values };
};
