import {
  boardFields,
  dayFields,
  fitsLook,
  type ListLayout,
  LOOKS,
  lookOf,
  PERIODS,
  placeFields,
  STAGE,
  writeLook,
} from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { heldTraits } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';

interface Props {
  readonly register: Register;
  readonly catalogue: Catalogue;
  /** As the address says it. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

type Kind = ListLayout['kind'];

const CALLED: { readonly [K in Kind]: string } = {
  table: 'a table',
  cards: 'cards',
  board: 'a board',
  calendar: 'a calendar',
  map: 'a map',
};

const labelOf = (register: Register, key: string): string =>
  key === STAGE ? 'Sign-off' : (register.fields.find((field) => field.key === key)?.label ?? key);

const say = (look: ListLayout, register: Register): string => {
  switch (look.kind) {
    case 'table':
    case 'cards':
      return CALLED[look.kind];
    case 'board':
      return `a board by ${labelOf(register, look.by)}`;
    case 'calendar':
      return look.to === null
        ? `a ${look.period} by ${labelOf(register, look.from)}`
        : `a ${look.period} from ${labelOf(register, look.from)} to ${labelOf(register, look.to)}`;
    case 'map':
      return `a map by ${labelOf(register, look.at)}`;
  }
};

/** The usual look of a kind; null where the register has nothing to draw it by. */
const usual = (kind: Kind, register: Register, catalogue: Catalogue): ListLayout | null => {
  switch (kind) {
    case 'table':
    case 'cards':
      return { kind };
    case 'board': {
      const stages: ListLayout = { kind, by: STAGE };
      const [first] = boardFields(register);
      return first ? { kind, by: first.key } : fitsLook(stages, register, catalogue) ? stages : null;
    }
    case 'calendar': {
      const [first] = dayFields(register);
      return first ? { kind, from: first.key, to: null, period: 'month' } : null;
    }
    case 'map': {
      const [first] = placeFields(register);
      return first ? { kind, at: first.key } : null;
    }
  }
};

/** How a list is drawn: which look, and by what. */
export const LookPart = ({ register, catalogue, value, onChange }: Props) => {
  const look = lookOf(value, register, catalogue);
  const put = (next: ListLayout): void => onChange(writeLook(next));
  const looks = LOOKS.flatMap((kind) => usual(kind, register, catalogue) ?? []);
  return (
    <Part text={say(look, register)} what="look">
      {() => (
        <div className="grid gap-2">
          <PickOne
            options={looks.map(({ kind }) => ({ value: kind, label: CALLED[kind] }))}
            chosen={look.kind}
            onPick={(kind) => {
              const next = looks.find((each) => each.kind === kind);
              if (next && kind !== look.kind) put(next);
            }}
          />
          <Details look={look} register={register} catalogue={catalogue} onLook={put} />
        </div>
      )}
    </Part>
  );
};

interface DetailsProps extends Pick<Props, 'register' | 'catalogue'> {
  readonly look: ListLayout;
  readonly onLook: (look: ListLayout) => void;
}

/** By what a look is drawn, where there is a choice. */
const Details = ({ look, register, catalogue, onLook }: DetailsProps) => {
  switch (look.kind) {
    case 'table':
    case 'cards':
      return null;
    case 'board': {
      const stages = fitsLook({ kind: 'board', by: STAGE }, register, catalogue);
      return (
        <Choose
          label="A column for each"
          options={[
            ...boardFields(register).map(optionOf),
            ...(stages ? [{ value: STAGE, label: 'stage of sign-off' }] : []),
          ]}
          value={look.by}
          onChoose={(by) => onLook({ ...look, by })}
        />
      );
    }
    case 'calendar':
      return <Days look={look} register={register} onLook={onLook} />;
    case 'map':
      return (
        <Choose
          label="By"
          options={placeFields(register).map(optionOf)}
          value={look.at}
          onChoose={(at) => onLook({ ...look, at })}
        />
      );
  }
};

const Days = ({
  look,
  register,
  onLook,
}: Pick<DetailsProps, 'register' | 'onLook'> & { look: Extract<ListLayout, { kind: 'calendar' }> }) => {
  const isDate = (field: Field): boolean => heldTraits(field.type).day === 'day';
  const fields = dayFields(register);
  const isFromDate = fields.some((field) => field.key === look.from && isDate(field));
  return (
    <>
      <Choose
        label="From"
        options={fields.map(optionOf)}
        value={look.from}
        onChoose={(from) => onLook({ ...look, from, to: null })}
      />
      {isFromDate && (
        <Choose
          label="To"
          options={[
            { value: '', label: 'the same day' },
            ...fields.filter((field) => isDate(field) && field.key !== look.from).map(optionOf),
          ]}
          value={look.to ?? ''}
          onChoose={(to) => onLook({ ...look, to: to || null })}
        />
      )}
      <Choose
        label="Shows"
        options={PERIODS.map((period) => ({ value: period, label: `a ${period}` }))}
        value={look.period}
        onChoose={(chosen) => onLook({ ...look, period: PERIODS.find((each) => each === chosen) ?? 'month' })}
      />
    </>
  );
};

const optionOf = ({ key, label }: Field) => ({ value: key, label });

interface ChooseProps {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly value: string;
  readonly onChoose: (value: string) => void;
}

const Choose = ({ label, options, value, onChoose }: ChooseProps) => (
  <label className="grid gap-1 px-2 text-[13px] text-ink-2">
    {label}
    <select className="box" value={value} onChange={(event) => onChoose(event.target.value)}>
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  </label>
);
