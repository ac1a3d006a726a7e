import type { Span } from '../base/index.ts';
import { sayUse } from './check/calls.ts';
import { BUILT_IN, BUILT_INS, PROPERTIES } from './functions/index.ts';
import { fromValueType, sayType, type Type } from './type.ts';
import { findNamed, ME_NAMES, type Named, type Vocabulary } from './vocabulary.ts';

/** Something that can be written at a place of a formula. */
export interface Completion {
  readonly label: string;
  /** What is put in, where it is more than the label. */
  readonly insert: string;
  readonly kind: 'field' | 'function' | 'choice' | 'word';
  /** A few words beside it: the field's label, the function's parameters. */
  readonly detail: string;
  /** A sentence on it, or ''. */
  readonly help: string;
}

const WORDS = [
  'and',
  'or',
  'not',
  'if',
  'then',
  'else',
  'in',
  'between',
  'null',
  'true',
  'false',
  'some',
  'every',
  'satisfies',
  'for',
  'return',
];

const typeOfNamed = (named: Named): Type =>
  named.type.kind === 'records'
    ? { kind: 'list', of: { kind: 'record', register: named.type.register } }
    : fromValueType(named.type);

/** What a name stands for, in words; of a share how it is written here, which is not as in a box. */
const sayNamed = (named: Named): string =>
  named.type.kind === 'number' && named.type.share ? 'a share: 20 % is written 0.2' : sayType(typeOfNamed(named));

const field = (named: Named): Completion => ({
  label: named.name,
  insert: named.name,
  kind: 'field',
  detail: `${named.label}, ${sayNamed(named)}`,
  help: '',
});

const functions = (): Completion[] =>
  BUILT_INS.map((each) => {
    const [signature] = each.signatures;
    return {
      label: each.name,
      insert: signature && signature.parameters.length === 0 ? `${each.name}()` : `${each.name}(`,
      kind: 'function',
      detail: signature ? sayUse(each.name, signature).slice(each.name.length) : '',
      help: each.help,
    };
  });

/** What may follow the dot of a path. */
const afterPath = (path: readonly string[], vocabulary: Vocabulary): Completion[] => {
  if (path.length === 1 && path[0] === 'me') {
    return ME_NAMES.map((name) => ({ label: name, insert: name, kind: 'field', detail: 'of the person', help: '' }));
  }
  if (path.length === 1 && path[0] === 'before' && vocabulary.before) return [...vocabulary.names.values()].map(field);
  const found = findNamed(vocabulary, path);
  if (!found) return [];
  const { type } = found.named;
  if (type.kind === 'link' || type.kind === 'records')
    return [...(vocabulary.linked(type.register)?.names.values() ?? [])].map(field);
  if (type.kind === 'choice') return (vocabulary.columns?.(type.list) ?? []).map(field);
  return [...PROPERTIES]
    .filter(([, signatures]) => signatures.some((signature) => signature.parameters[0]?.shape === type.kind))
    .map(([name]) => ({ label: name, insert: name, kind: 'word', detail: `of ${found.named.label}`, help: '' }));
};

/** Inside a text that is compared with a choice: the list's codes. */
const choicesFor = (before: string, vocabulary: Vocabulary): { from: number; options: Completion[] } | null => {
  const found = /([a-z][a-z0-9_]*(?:\.[a-z][a-z0-9_]*)*)\s*(?:=|!=|in\s*[([](?:\s*"[^"]*"\s*,)*)\s*"([^"]*)$/.exec(
    before,
  );
  const type = found ? findNamed(vocabulary, (found[1] ?? '').split('.'))?.named.type : null;
  if (!found || type?.kind !== 'choice') return null;
  const options = vocabulary.choices(type.list).map(
    (choice): Completion => ({
      label: choice.code,
      insert: choice.code,
      kind: 'choice',
      detail: choice.label,
      help: '',
    }),
  );
  return { from: before.length - (found[2] ?? '').length, options };
};

/** What can be written at a place: `from` is where the word begun there starts. Null inside a text or a number. */
export const completionsAt = (
  text: string,
  place: number,
  vocabulary: Vocabulary,
): { from: number; options: readonly Completion[] } | null => {
  const before = text.slice(0, place);
  const choices = choicesFor(before, vocabulary);
  if (choices) return choices;
  // An odd number of quotation marks before: the place is inside a text.
  if ((before.replaceAll('\\"', '').match(/"/g)?.length ?? 0) % 2 === 1) return null;
  const dotted = /([a-z][a-z0-9_]*(?:\.[a-z][a-z0-9_]*)*)\.([a-z0-9_]*)$/.exec(before);
  if (dotted) {
    const options = afterPath((dotted[1] ?? '').split('.'), vocabulary);
    return { from: place - (dotted[2] ?? '').length, options };
  }
  const begun = /[a-z_][a-z0-9_ ]*$/.exec(before)?.[0] ?? '';
  if (begun === '' && /[0-9]$/.test(before)) return null;
  // A function's name may have spaces: the longest end of what stands there that begins a known name counts.
  const all = [
    ...[...vocabulary.names.values()].map(field),
    { label: 'me', insert: 'me', kind: 'field' as const, detail: 'the person', help: '' },
    ...functions(),
    ...WORDS.map((word): Completion => ({ label: word, insert: word, kind: 'word', detail: '', help: '' })),
  ];
  const parts = begun.split(' ');
  const start = parts
    .map((_, i) => parts.slice(i).join(' '))
    .find((end) => all.some((option) => option.label.startsWith(end)));
  return { from: place - (start ?? parts.at(-1) ?? '').length, options: all };
};

/** What stands at a place, in words, for hover help; null where nothing is known of it. */
export const helpAt = (text: string, place: number, vocabulary: Vocabulary): { span: Span; says: string } | null => {
  for (const builtIn of BUILT_IN.values()) {
    for (let at = text.indexOf(builtIn.name); at >= 0; at = text.indexOf(builtIn.name, at + 1)) {
      const to = at + builtIn.name.length;
      const whole = !/[a-z0-9_]/.test(text[at - 1] ?? '') && /^\s*\(/.test(text.slice(to));
      const [signature] = builtIn.signatures;
      if (whole && place >= at && place <= to && signature)
        return { span: { from: at, to }, says: `${sayUse(builtIn.name, signature)}. ${builtIn.help}` };
    }
  }
  for (const found of text.matchAll(/[a-z][a-z0-9_]*(?:\.[a-z][a-z0-9_]*)*/g)) {
    const span = { from: found.index, to: found.index + found[0].length };
    if (place < span.from || place > span.to) continue;
    const named = findNamed(vocabulary, found[0].split('.'));
    return named ? { span, says: `${named.labels.join(', ')}: ${sayNamed(named.named)}` } : null;
  }
  return null;
};
