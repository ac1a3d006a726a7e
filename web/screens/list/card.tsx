import type { KeyboardEvent } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import type { Field } from '#core/register/index.ts';
import { filesIn, isNothing, textsOf } from '#core/values/index.ts';
import { ListCell } from '../../fields/records/list-cell.tsx';
import { Found } from '../../ui/found.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { MarkSign, washOf } from './marks-part.tsx';
import type { Lines } from './record-row.tsx';

interface Props {
  readonly record: RecordAnswer;
  readonly lines: Lines;
  /** The first field is its title. */
  readonly fields: readonly Field[];
  readonly pictures?: boolean;
  readonly arrived?: boolean;
  readonly onKeyDown?: ((event: KeyboardEvent<HTMLElement>) => void) | undefined;
}

/** The first picture a record holds in the fields that are shown; null where it holds none. */
const pictureOf = (record: RecordAnswer, fields: readonly Field[]) => {
  for (const { key, type } of fields) {
    if (!filesIn(type)) continue;
    for (const id of textsOf(record.values[key] ?? null)) {
      const file = record.files[id];
      if (file?.media_type.startsWith('image/')) return { id, file };
    }
  }
  return null;
};

/** A record as a card: its picture, its title, and what is chosen to be shown of it. */
export const Card = ({ record, lines, fields, pictures = false, arrived = false, onKeyDown }: Props) => {
  const { catalogue, words, chosen, onChoose, ticks, rules } = lines;
  const [, ...others] = fields;
  const picture = pictures ? pictureOf(record, fields) : null;
  const told = others.filter(({ key, type }) => filesIn(type) === null && !isNothing(record.values[key] ?? null));
  return (
    <article
      className={`card ${record.id === chosen ? 'chosen' : ''} ${arrived ? 'arrived' : ''} ${washOf(rules, record.mark)}`}
      data-record={record.id}
    >
      {picture && (
        <img
          className="mb-2 h-28 w-full border border-rule object-cover"
          src={`/api/registers/${lines.register}/records/${record.id}/files/${picture.id}?small=yes`}
          alt={picture.file.name}
          loading="lazy"
        />
      )}
      <div className="flex items-start gap-2">
        {ticks && (
          <input
            type="checkbox"
            className="mt-1"
            aria-label={`Tick ${record.number}`}
            checked={ticks.has(record.id)}
            disabled={ticks.isAll}
            onChange={() => ticks.tick(record.id, [], false)}
          />
        )}
        <button
          type="button"
          className="min-w-0 grow break-words text-left font-semibold"
          aria-label={`Open ${record.number}, ${record.title}`}
          onClick={() => onChoose(record.id)}
          onKeyDown={onKeyDown}
        >
          <Found text={record.title} words={words} />
        </button>
        <span className="shrink-0 font-mono text-[12px] text-ink-2">
          <Found text={record.number} words={words} />
          <MarkSign rules={rules} mark={record.mark} />
        </span>
      </div>
      {(told.length > 0 || (lines.staged && record.stage)) && (
        <dl className="mt-1 grid grid-cols-[minmax(0,1fr)] gap-x-3 text-[13px]">
          {told.map((field) => (
            <div key={field.key} className="flex justify-between gap-3">
              <dt className="shrink-0 text-ink-2">{field.label}</dt>
              <dd className="min-w-0 truncate text-right">
                <ListCell field={field} record={record} catalogue={catalogue} words={words} />
              </dd>
            </div>
          ))}
          {lines.staged && record.stage && (
            <div className="flex justify-between gap-3">
              <dt className="text-ink-2">Sign-off</dt>
              <dd>
                <StageStamp stage={record.stage} changed={record.changed_since_signed} />
              </dd>
            </div>
          )}
        </dl>
      )}
    </article>
  );
};
