import { X } from 'lucide-react';
import { textsOf } from '#core/values/index.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { type ControlProps, type Target, targetOf } from './control.ts';
import { LookUp } from './look-up.tsx';

const NotSeen = ({ id, describedBy }: ControlProps) => (
  <output id={id} aria-describedby={describedBy} className="box box-filled block text-ink-2">
    This links to records that are not for you to see.
  </output>
);

/** One record, looked up by part of its name. */
export const LinkOne = ({ compact = false, ...props }: ControlProps & { compact?: boolean; entry: EntryState }) => {
  const target = targetOf(props.field, props.known.registers);
  if (!target) return <NotSeen {...props} />;
  const chosen = typeof props.value === 'string' ? (props.known.links[props.value] ?? null) : null;
  const isNew = chosen !== null && props.entry.filledIn.made.has(chosen.id);
  return <Searching {...props} target={target} chosen={chosen} isNew={isNew} compact={compact} />;
};

const Searching = (
  props: ControlProps & {
    target: Target;
    chosen: Parameters<typeof LookUp>[0]['chosen'];
    isNew?: boolean;
    compact?: boolean;
  },
) => (
  <LookUp
    id={props.id}
    asked={props.lookUp}
    label={props.field.label}
    register={props.target}
    chosen={props.chosen}
    isNew={props.isNew ?? false}
    onNew={props.onNew}
    filled={props.filled}
    describedBy={props.describedBy}
    invalid={props.invalid}
    compact={props.compact ?? false}
    onChoose={props.onChoose}
    onLeave={props.onLeave}
  />
);

/** Any number of records: those chosen above, a look-up for one more below. */
export const LinkMany = (props: ControlProps) => {
  const target = targetOf(props.field, props.known.registers);
  if (!target) return <NotSeen {...props} />;
  const ids = textsOf(props.value);
  return (
    <div>
      {ids.length > 0 && (
        <ul className="mb-1.5 flex flex-wrap gap-1.5" aria-label={`${props.field.label}, chosen`}>
          {ids.map((id) => {
            const title = props.known.links[id]?.title ?? 'a record';
            return (
              <li key={id} className="inline-flex items-center gap-1 border border-rule-strong bg-paper py-0.5 pl-2">
                {title}
                <button
                  type="button"
                  className="btn btn-quiet min-h-6! px-1! py-0!"
                  aria-label={`Take ${title} away`}
                  onClick={() => props.onValue(ids.filter((each) => each !== id))}
                >
                  <X size={13} aria-hidden="true" />
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <Searching {...props} target={target} chosen={null} />
    </div>
  );
};
