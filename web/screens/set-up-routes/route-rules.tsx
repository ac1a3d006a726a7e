import { useState } from 'react';
import { findDecimal } from '#core/base/index.ts';
import { valueContext } from '#core/register/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { behaviourOf, comparedWith, isNumber, shownAs } from '#core/values/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { FormulaEditor } from '../../fields/rules/formula-editor.tsx';
import { PickPart, TickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { allFields, type Known, sayFields, writtenFields } from './editing.ts';
import { WhoPart } from './who-part.tsx';

interface Props {
  readonly route: Route;
  readonly known: Known;
  readonly onChange: (route: Route) => void;
}

const BANS = [
  { value: 'sent', label: 'what they sent' },
  { value: 'changed', label: 'what they changed' },
  { value: 'twice', label: 'twice' },
] as const;

/** What holds for the whole route, as sentences. */
export const RouteRules = ({ route, known, onChange }: Props) => {
  const banned = BANS.filter(({ value }) => !route.may_sign.includes(value));
  const steps = route.steps.map(({ id, label }, at) => ({ value: id ?? '', label: `step ${at + 1}, ${label}` }));
  const roles = known.workspace.roles.map(({ key, label }) => ({ value: key, label }));
  const sayRoles = (keys: readonly string[]): string =>
    keys.length === 0
      ? 'whoever sets up routes'
      : `${keys.map((key) => roles.find(({ value }) => value === key)?.label ?? key).join(', ')} and whoever sets up routes`;
  return (
    <section aria-labelledby="at-every-step" className="mt-6">
      <h2 id="at-every-step" className="head-rule">
        At every step
      </h2>
      <p className="ruled py-2">
        {banned.length === 0 ? 'Anybody may sign ' : 'Nobody signs '}
        <TickPart
          text={
            banned.length === 0
              ? 'what they sent, what they changed, and twice'
              : banned.map(({ label }) => label).join(' or ')
          }
          what="what nobody signs"
          options={BANS}
          chosen={banned.map(({ value }) => value)}
          onChange={(keys) =>
            onChange({ ...route, may_sign: BANS.flatMap(({ value }) => (keys.includes(value) ? [] : [value])) })
          }
        />
        <span className="block text-[13px] text-ink-2">
          if too few are left, it goes to{' '}
          <WhoPart
            plain
            who={route.last_resort}
            known={known}
            what="last resort"
            onChange={(who) =>
              (who.kind === 'role' || who.kind === 'person') && onChange({ ...route, last_resort: who })
            }
          />{' '}
          and says so
        </span>
      </p>
      <p className="ruled py-2">
        It takes what is sent by{' '}
        <PickPart
          text={route.from_devices ? 'anybody' : 'somebody who signed in'}
          what="from whom it takes"
          options={[
            { value: 'anybody', label: 'anybody, also from a device that several share' },
            { value: 'person', label: 'somebody who signed in, and nothing from shared devices' },
          ]}
          chosen={route.from_devices ? 'anybody' : 'person'}
          onPick={(value) => onChange({ ...route, from_devices: value === 'anybody' })}
        />
        .
        {route.from_devices && (
          <span className="block text-[13px] text-ink-2">
            whoever signs is told when it came from a device that several share
          </span>
        )}
      </p>
      <Tolerance route={route} known={known} onChange={onChange} />
      <Amount route={route} known={known} onChange={onChange} />
      <p className="ruled py-2">
        A change of{' '}
        <TickPart
          text={
            route.watches === undefined ? 'any field' : sayFields(known, route.watches, 'only what its conditions read')
          }
          what="fields that are watched"
          options={allFields(known)}
          chosen={route.watches ?? allFields(known).map(({ value }) => value)}
          onChange={(watches) => {
            const { watches: _, ...others } = route;
            onChange(watches.length === known.register.fields.length ? others : { ...route, watches });
          }}
        />{' '}
        sends it round again from{' '}
        <PickPart
          text={steps.find(({ value }) => value === route.again_from && value !== '')?.label ?? 'the first step'}
          what="step from which it goes round again"
          options={[{ value: 'first', label: 'the first step' }, ...steps.slice(1).filter(({ value }) => value !== '')]}
          chosen={route.again_from ?? 'first'}
          onPick={(value) => onChange({ ...route, again_from: value === 'first' ? null : value })}
        />
        .
      </p>
      <p className="ruled py-2">
        Sent back, it goes to whoever sent it; mended, it runs again from{' '}
        <PickPart
          text={route.mended === 'first' ? 'the first step' : 'the step that sent it back'}
          what="where it goes when it was mended"
          options={[
            { value: 'first', label: 'the first step' },
            { value: 'that_step', label: 'the step that sent it back' },
          ]}
          chosen={route.mended}
          onPick={(mended) => onChange({ ...route, mended })}
        />
        .
      </p>
      {(['approved', 'refused', 'sent_back'] as const).map((ending) => (
        <Sets key={ending} ending={ending} route={route} known={known} onChange={onChange} />
      ))}
      <p className="ruled py-2">
        On its way it is stopped by{' '}
        <TickPart
          text={sayRoles(route.stops)}
          what="who may stop it"
          options={roles}
          chosen={route.stops}
          onChange={(stops) => onChange({ ...route, stops })}
        />
        ; approved, it is opened again by{' '}
        <TickPart
          text={sayRoles(route.reopens)}
          what="who may open it again"
          options={roles}
          chosen={route.reopens}
          onChange={(reopens) => onChange({ ...route, reopens })}
        />
        .
      </p>
    </section>
  );
};

/** What is told of how much it is about. */
const Amount = ({ route, known, onChange }: Props) => {
  const numbers = known.register.fields.filter(({ type }) => isNumber(behaviourOf(type).value));
  if (numbers.length === 0) return null;
  return (
    <p className="ruled py-2">
      Beside its title an in-tray tells{' '}
      <PickPart
        text={
          route.amount === null ? 'the amount its conditions ask for' : `its ${sayFields(known, [route.amount], '')}`
        }
        what="amount that is told"
        options={[
          { value: '', label: 'the amount its conditions ask for' },
          ...numbers.map(({ key, label }) => ({ value: key, label })),
        ]}
        chosen={route.amount ?? ''}
        onPick={(key) => onChange({ ...route, amount: key === '' ? null : key })}
      />
      .
    </p>
  );
};

/** Which records go by the route: all, or those for which a condition is true. */
export const Takes = ({ route, known, onChange }: Props) => (
  <>
    for{' '}
    {route.condition === null
      ? `every one of ${known.register.plural}, or only when `
      : `${known.register.plural} when `}
    <ConditionEditor
      text={route.condition ?? ''}
      context={known.context}
      mood="is"
      mayBeEmpty
      onChange={(text) => onChange({ ...route, condition: text.trim() === '' ? null : text })}
    />
  </>
);

/** A share as people write it: "5" is 5 %, kept as a fraction. */
const readShare = (typed: string): string | null => {
  const number = findDecimal(typed.replace('%', '').trim());
  return number?.isPositive() && !number.isZero() ? number.div(100).toFixed() : null;
};

const Tolerance = ({ route, known, onChange }: Props) => {
  const numbers = known.register.fields.filter(({ type }) => isNumber(behaviourOf(type).value));
  const { tolerance } = route;
  const field = known.register.fields.find(({ key }) => key === tolerance?.field);
  const show = (amount: string): string => {
    const behaviour = field ? comparedWith(behaviourOf(shownAs(field.type)).value) : null;
    return behaviour?.show(amount, valueContext(known.catalogue)) ?? amount;
  };
  if (numbers.length === 0) return null;
  const put = (next: Route['tolerance']): void => onChange({ ...route, tolerance: next });
  return (
    <p className="ruled py-2">
      {tolerance ? 'A change of the ' : 'A change of '}
      <PickPart
        text={field?.label ?? 'no number'}
        what="number that may move"
        options={[{ value: '', label: 'no number' }, ...numbers.map(({ key, label }) => ({ value: key, label }))]}
        chosen={tolerance?.field ?? ''}
        onPick={(key) => put(key === '' ? null : { share: '0.05', amount: null, ...tolerance, field: key })}
      />
      {tolerance && (
        <>
          {' '}
          by up to{' '}
          <TextPart
            text={tolerance.share === null ? '' : (findDecimal(tolerance.share)?.mul(100).toFixed() ?? '')}
            shown={
              tolerance.share === null ? 'no share' : `${findDecimal(tolerance.share)?.mul(100).toFixed() ?? ''} %`
            }
            what="share, in percent"
            refuse={(text) =>
              text === ''
                ? tolerance.amount === null
                  ? 'Say a share or an amount.'
                  : null
                : readShare(text) === null
                  ? 'A number over 0, such as 5.'
                  : null
            }
            onText={(text) => put({ ...tolerance, share: text === '' ? null : readShare(text) })}
          />{' '}
          or{' '}
          <TextPart
            text={tolerance.amount ?? ''}
            shown={tolerance.amount === null ? 'no amount' : show(tolerance.amount)}
            what="amount"
            refuse={(text) => {
              const number = findDecimal(text);
              if (text === '') return tolerance.share === null ? 'Say a share or an amount.' : null;
              return !number?.isPositive() || number.isZero() ? 'A number over 0, such as 50.' : null;
            }}
            onText={(text) => put({ ...tolerance, amount: text === '' ? null : text })}
          />
        </>
      )}{' '}
      of what each signer saw keeps the signatures.
    </p>
  );
};

const WORDS = { approved: 'Approved', refused: 'Refused', sent_back: 'Sent back' } as const;

const Sets = ({ ending, route, known, onChange }: Props & { ending: keyof Route['sets'] }) => {
  const [open, setOpen] = useState<string | null>(null);
  const settings = route.sets[ending];
  const put = (next: Route['sets'][typeof ending]): void =>
    onChange({ ...route, sets: { ...route.sets, [ending]: next } });
  const field = known.register.fields.find(({ key }) => key === open);
  return (
    <p className="ruled py-2">
      {WORDS[ending]}, it sets{' '}
      <TickPart
        text={sayFields(
          known,
          settings.map((each) => each.field),
          'nothing',
        )}
        what={`fields that are set when it is ${WORDS[ending].toLowerCase()}`}
        options={writtenFields(known)}
        chosen={settings.map((each) => each.field)}
        onChange={(keys) =>
          put(keys.map((key) => settings.find((each) => each.field === key) ?? { field: key, value: 'null' }))
        }
      />
      {settings.map((each) => (
        <span key={each.field} className="block text-[13px] text-ink-2">
          {sayFields(known, [each.field], '')} to{' '}
          <button
            type="button"
            className="part font-mono"
            aria-label={`${each.value}, change what ${sayFields(known, [each.field], '')} is set to`}
            onClick={() => setOpen(each.field)}
          >
            {each.value}
          </button>
        </span>
      ))}
      {field && (
        <FormulaEditor
          text={settings.find((each) => each.field === open)?.value ?? ''}
          expected={{ kind: 'value', type: behaviourOf(field.type).value }}
          context={known.context}
          onChange={(value) => {
            put(settings.map((each) => (each.field === open ? { ...each, value } : each)));
            setOpen(null);
          }}
          onCancel={() => setOpen(null)}
        />
      )}
    </p>
  );
};
