import { useEffect, useRef } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import { type Quick, quickClause, quickFor, withClause } from '#core/list/index.ts';
import type { Field } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';

/** Where a menu was opened, and over what. */
export interface CellAsked {
  readonly record: RecordAnswer;
  readonly field: Field;
  /** In pixels of the window. */
  readonly x: number;
  readonly y: number;
}

const SAYS: { readonly [Q in Quick]: string } = {
  only: 'Only these',
  not: 'Not these',
  from: 'From here on',
  to: 'Up to here',
};

interface Props {
  readonly asked: CellAsked;
  readonly filter: string;
  readonly onFilter: (filter: string) => void;
  readonly onClose: () => void;
}

/** What can be asked of a list by what stands in a cell. */
export const CellMenu = ({ asked: { record, field, x, y }, filter, onFilter, onClose }: Props) => {
  const place = useRef<HTMLDivElement>(null);
  const { value: type } = behaviourOf(field.type);
  const value = record.values[field.key] ?? null;
  const offered = quickFor(type, value);
  useEffect(() => {
    const back = document.activeElement;
    place.current?.querySelector<HTMLElement>('button')?.focus();
    return () => {
      if (back instanceof HTMLElement) back.focus();
    };
  }, []);
  const step = (by: number): void => {
    const buttons = [...(place.current?.querySelectorAll<HTMLElement>('button') ?? [])];
    const at = buttons.findIndex((each) => each.matches(':focus'));
    buttons[(at + by + buttons.length) % buttons.length]?.focus();
  };
  return (
    <div
      ref={place}
      role="menu"
      aria-label={`${field.label} of ${record.number}`}
      tabIndex={-1}
      className="slip fixed z-40 w-48"
      style={{ left: Math.min(x, window.innerWidth - 200), top: Math.min(y, window.innerHeight - 170) }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape' || event.key === 'Tab') onClose();
        else if (event.key === 'ArrowDown') step(1);
        else if (event.key === 'ArrowUp') step(-1);
        else return;
        event.preventDefault();
      }}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) onClose();
      }}
    >
      {offered.map((quick) => (
        <button
          key={quick}
          type="button"
          role="menuitem"
          className="slip-row"
          onClick={() => {
            const clause = quickClause(field.key, type, value, quick);
            if (clause) onFilter(withClause(filter, clause));
            onClose();
          }}
        >
          {SAYS[quick]}
        </button>
      ))}
      {offered.length === 0 && (
        <button type="button" role="menuitem" className="slip-row" onClick={onClose}>
          Nothing can be asked by this
        </button>
      )}
    </div>
  );
};
