import { Labelled, wrongAt } from '../../ui/labelled.tsx';
import type { Beside } from './use-sending.ts';

interface Props {
  readonly asksName: boolean;
  readonly asksPassword: boolean;
  readonly error: unknown;
  readonly beside: Beside;
  readonly onBeside: (beside: Beside) => void;
}

/** What is asked besides the questions, right above sending: who fills in on a shared device, one's password again. */
export const GivenBeside = ({ asksName, asksPassword, error, beside, onBeside }: Props) => (
  <>
    {asksName && (
      <div className="mb-3 max-w-sm">
        <Labelled label="Who fills this in" help="This device is shared." wrong={wrongAt(error, '#/by_name')}>
          {(tied) => (
            <input
              {...tied}
              className="box"
              autoComplete="off"
              maxLength={80}
              value={beside.by_name ?? ''}
              onChange={(event) => {
                const { by_name: _, ...others } = beside;
                onBeside(event.target.value.trim() === '' ? others : { ...others, by_name: event.target.value });
              }}
            />
          )}
        </Labelled>
      </div>
    )}
    {asksPassword && (
      <div className="mb-3 max-w-sm">
        <Labelled label="Your password again" help="This form asks for it." wrong={wrongAt(error, '#/password')}>
          {(tied) => (
            <input
              {...tied}
              className="box"
              type="password"
              autoComplete="current-password"
              value={beside.password ?? ''}
              onChange={(event) => onBeside({ ...beside, password: event.target.value })}
            />
          )}
        </Labelled>
      </div>
    )}
  </>
);
