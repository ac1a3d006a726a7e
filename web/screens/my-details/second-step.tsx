import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { OwnDetails } from '#contract/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import { Problems } from '../../ui/message.tsx';

/** The second step: set up with a device that shows codes, proved by one of them, switched off by another. */
export const SecondStep = ({ details }: { details: Pick<OwnDetails, 'second_step' | 'recovery_codes'> }) => {
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const begin = useMutation({ mutationFn: (given: Partial<Given>) => call('beginSecondStep', { body: given }) });
  const refresh = () => readAnew('own-details');
  const prove = useMutation({
    mutationFn: ({ code }: Given) => call('proveSecondStep', { body: { code } }),
    onSuccess: (answer) => {
      setCodes(answer.codes);
      void refresh();
    },
  });
  const drop = useMutation({
    mutationFn: (given: Given) => call('dropSecondStep', { body: given }),
    onSuccess: () => {
      begin.reset();
      void refresh();
    },
  });
  if (codes) return <RecoveryCodes codes={codes} onDone={() => setCodes(null)} />;
  if (details.second_step && !begin.data)
    return (
      <>
        <p>
          <span className="stamp stamp-approved">On</span> You sign in with your password and a code of your device.{' '}
          {details.recovery_codes} recovery codes are left.
        </p>
        <CodeForm
          label="Switch it off"
          also="Use another device"
          help="Write a code of the device, or a recovery code."
          asksPassword
          error={drop.error ?? begin.error}
          busy={drop.isPending || begin.isPending}
          onCode={(given) => {
            begin.reset();
            drop.mutate(given);
          }}
          onAlso={(given) => {
            drop.reset();
            begin.mutate(given);
          }}
        />
      </>
    );
  if (!begin.data)
    return (
      <>
        <p>
          <span className="stamp stamp-draft">Off</span> With it nobody signs in who knows your password alone: a device
          of yours shows a code besides.
        </p>
        <Problems error={begin.error} />
        <button type="button" className="btn mt-3" disabled={begin.isPending} onClick={() => begin.mutate({})}>
          Set up a second step
        </button>
      </>
    );
  return (
    <div className="grid gap-3">
      <p>Let an application for codes on your telephone read this picture, or type the letters under it.</p>
      <img
        className="size-48 border border-rule bg-white"
        alt="Your secret, as an application for codes reads it"
        src={`data:image/svg+xml;utf8,${encodeURIComponent(begin.data.picture)}`}
      />
      <p className="font-mono [overflow-wrap:anywhere]">{begin.data.secret.replace(/(.{4})/g, '$1 ').trim()}</p>
      <CodeForm
        label="Switch it on"
        help="Write the code that it shows now: six digits."
        error={prove.error}
        busy={prove.isPending}
        onCode={(given) => prove.mutate(given)}
      />
    </div>
  );
};

/** What is written to show that it is oneself. */
interface Given {
  readonly password: string;
  readonly code: string;
}

interface CodeFormProps {
  readonly label: string;
  /** Another button, that does something else with the same. */
  readonly also?: string;
  readonly help: string;
  readonly asksPassword?: boolean;
  readonly error: unknown;
  readonly busy: boolean;
  readonly onCode: (given: Given) => void;
  readonly onAlso?: (given: Given) => void;
}

const CodeForm = ({ label, also, help, asksPassword = false, error, busy, onCode, onAlso }: CodeFormProps) => {
  const wrong = wrongAt(error, '#/code');
  const wrongPassword = wrongAt(error, '#/password');
  return (
    <form
      className="mt-3 grid max-w-xs gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        const written = new FormData(event.currentTarget);
        const given = { password: String(written.get('password') ?? ''), code: String(written.get('code') ?? '') };
        const { nativeEvent } = event;
        const by = nativeEvent instanceof SubmitEvent ? nativeEvent.submitter : null;
        if (by?.getAttribute('value') === 'also') onAlso?.(given);
        else onCode(given);
      }}
    >
      {wrong === undefined && wrongPassword === undefined && <Problems error={error} />}
      {asksPassword && (
        <Labelled label="Your password" wrong={wrongPassword}>
          {(tied) => (
            <input {...tied} className="box" type="password" name="password" autoComplete="current-password" />
          )}
        </Labelled>
      )}
      <Labelled label="Code" help={help} wrong={wrong}>
        {(tied) => <input {...tied} className="box font-mono" name="code" autoComplete="one-time-code" required />}
      </Labelled>
      <p className="flex flex-wrap gap-2">
        <button type="submit" className="btn btn-go" disabled={busy}>
          {label}
        </button>
        {also !== undefined && (
          <button type="submit" className="btn" value="also" disabled={busy}>
            {also}
          </button>
        )}
      </p>
    </form>
  );
};

const RecoveryCodes = ({ codes, onDone }: { codes: readonly string[]; onDone: () => void }) => (
  <div role="status" className="border-l-4 border-kelp bg-kelp-wash px-3 py-2">
    <p className="font-semibold">The second step is on.</p>
    <p>
      Keep these recovery codes where you find them without the device. Each lets you in once, and they are not shown
      again.
    </p>
    <ul className="my-2 font-mono">
      {codes.map((code) => (
        <li key={code}>{code}</li>
      ))}
    </ul>
    <button
      type="button"
      className="btn"
      onClick={() => {
        onDone();
        void readAnew('session');
      }}
    >
      I have kept them
    </button>
  </div>
);
