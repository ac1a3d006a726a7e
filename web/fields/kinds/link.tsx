import { Link } from 'react-router';
import type { Linked } from '#contract/index.ts';
import { type FieldTypeOf, textsOf } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { PickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { type InColumnProps, type KindFace, LINE, type PickerProps, type SettingsProps } from '../controls/face.ts';
import { LinkMany, LinkOne } from '../controls/linked.tsx';

const ToRegister = ({ type, n, what, fixed, place, onType }: SettingsProps<FieldTypeOf<'link' | 'links'>>) => {
  const target = place.registers.find((each) => each.key === type.register);
  return (
    <>
      {' in '}
      {fixed ? (
        <span className="font-semibold text-ink">{target?.plural}</span>
      ) : (
        <Part text={target?.plural ?? 'a register'} what={`register of ${what} ${n}`}>
          {(close) => (
            <PickOne
              options={place.registers.map((each) => ({ value: each.key, label: each.plural }))}
              chosen={type.register}
              onPick={(key) => {
                onType({ ...type, register: key });
                close();
              }}
            />
          )}
        </Part>
      )}
      {target && (
        <>
          {', there called '}
          <TextPart
            text={type.back?.label ?? ''}
            shown={type.back?.label ?? 'by this register’s name'}
            what={`name from the other side of ${what} ${n}`}
            onText={(label) =>
              onType(
                label === ''
                  ? { kind: type.kind, register: type.register }
                  : { ...type, back: { key: backKey(label), label } },
              )
            }
          />
        </>
      )}
    </>
  );
};

/** The register whose records a column names. */
const OfColumn = ({ type, what, place, onType }: InColumnProps<FieldTypeOf<'link' | 'links'>>) => (
  <>
    {' in '}
    <PickPart
      what={`register of ${what}`}
      text={place.registers.find(({ key }) => key === type.register)?.plural ?? 'a register'}
      options={place.registers.map(({ key, plural }) => ({ value: key, label: plural }))}
      chosen={type.register}
      onPick={(register) => onType({ ...type, register })}
    />
    {' by name or number'}
  </>
);

const backKey = (label: string): string =>
  label
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 44) || 'back';

/** Picks the register a new question looks up. */
const RegisterPicker = ({ type, catalogue, onPick }: PickerProps<FieldTypeOf<'link' | 'links'>>) => (
  <PickOne
    options={[...catalogue.registers.values()].map(({ key, plural }) => ({ value: key, label: plural }))}
    chosen={null}
    onPick={(register) => onPick({ type: { ...type, register }, list: null })}
  />
);

const RecordLink = ({ link, to }: { link: Linked; to: string }) => (
  <>
    <Link className="part" to={`/registers/${to}/${link.id}`}>
      {link.title}
    </Link>
    {link.beside.length > 0 && <span className="font-normal text-ink-2"> {link.beside.join(', ')}</span>}
  </>
);

const NotSeen = () => <span className="text-ink-2">not for you to see</span>;

export const linkFace: KindFace<FieldTypeOf<'link'>> = {
  layout: { ...LINE, inGrid: 'min-w-52' },
  Control: LinkOne,
  Value: ({ field, type, value, reading: { record } }) => {
    if (typeof value !== 'string') return <NotSeen />;
    const link = record.links[field.key] ?? record.linked[value];
    const own = link?.id === value ? link : record.linked[value];
    return own ? <RecordLink link={own} to={type.register} /> : <NotSeen />;
  },
  Settings: ToRegister,
  InColumn: OfColumn,
  Picker: RegisterPicker,
};

export const linksFace: KindFace<FieldTypeOf<'links'>> = {
  layout: LINE,
  Control: LinkMany,
  Value: ({ type, value, reading: { record } }) =>
    textsOf(value).map((id) => {
      const link = record.linked[id];
      return (
        <span key={id} className="block">
          {link ? <RecordLink link={link} to={type.register} /> : <NotSeen />}
        </span>
      );
    }),
  Settings: ToRegister,
  InColumn: OfColumn,
  Picker: RegisterPicker,
};

export const personFace: KindFace<FieldTypeOf<'person'>> = {
  layout: { ...LINE, inGrid: 'min-w-44' },
  Control: LinkOne,
  Value: ({ field, value, reading: { record } }) => {
    const link = typeof value === 'string' ? (record.linked[value] ?? record.links[field.key]) : undefined;
    return link?.title ?? <NotSeen />;
  },
};
