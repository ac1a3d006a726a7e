import { joinWords } from '#core/base/index.ts';
import { type PassedOn, sayPassedOn } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';

interface Props {
  readonly passed: readonly PassedOn[];
  /** The register that the form writes. */
  readonly register: Register;
  /** The form goes on showing a question and no longer keeps it; absent where no form is being made. */
  readonly onNotKept?: (field: string) => void;
  /** What is filled in is hidden from those it is hidden from elsewhere; absent for whoever may not give rights. */
  readonly onHide?: ((passed: PassedOn) => void) | undefined;
}

/** What a form passes on from fields that are hidden from somebody, with what can be done about it. */
export const PassedOnNotes = ({ passed, register, onNotKept, onHide }: Props) =>
  passed.length === 0 ? null : (
    <ul className="my-2 border-l-4 border-straw bg-straw-wash px-3 py-2 text-ink" aria-label="What is passed on">
      {passed.map((each) => {
        const isNeeded = register.fields.find(({ key }) => key === each.into)?.required !== false;
        return (
          <li key={`${each.by} ${each.into}`} className="py-0.5">
            {sayPassedOn(each, register.plural).map((says) => (
              <p key={says}>{says}</p>
            ))}
            {each.readers.length > 0 && (
              <p className="flex flex-wrap gap-x-3">
                {onNotKept && !isNeeded && (
                  <button type="button" className="part" onClick={() => onNotKept(each.into)}>
                    Show {each.label} while filling in, and do not keep it
                  </button>
                )}
                {onHide && (
                  <button type="button" className="part" onClick={() => onHide(each)}>
                    Hide {each.label} of {register.plural} from{' '}
                    {joinWords(
                      each.readers.map(({ label }) => label),
                      'and',
                    )}{' '}
                    too
                  </button>
                )}
              </p>
            )}
          </li>
        );
      })}
    </ul>
  );
