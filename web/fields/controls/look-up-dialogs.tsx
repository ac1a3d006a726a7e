import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, Suspense, type SyntheticEvent, useContext, useState } from 'react';
import { Link } from 'react-router';
import { foldText } from '#core/base/index.ts';
import type { Offered } from '../../data/queries.ts';
import { queries } from '../../data/queries.ts';
import { Found } from '../../ui/found.tsx';
import { FillInPlaceContext, RecordFactsContext } from '../../ui/from-above.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Coming } from '../../ui/message.tsx';
import type { Asked, Target } from './control.ts';

const MOST_BROWSED = 100;

/** What happens in a dialog is not the business of the form below it, though React lets it rise to there. */
const stay = (event: SyntheticEvent): void => event.stopPropagation();

interface FrameProps {
  readonly title: ReactNode;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

const Frame = ({ title, onClose, children }: FrameProps) => (
  // biome-ignore lint/a11y/noStaticElementInteractions: it only keeps events from rising to the form below
  <div onSubmit={stay} onKeyDown={stay} onBlur={stay} onChange={stay}>
    <Dialog open onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/30" />
      <div className="fixed inset-0 grid place-items-center overflow-auto p-4 max-sm:p-0">
        <DialogPanel className="w-full max-w-2xl border border-edge bg-sheet p-6 max-sm:min-h-full max-sm:p-4">
          <DialogTitle className="head-rule mb-3 flex items-center gap-2 text-lg font-bold">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  </div>
);

interface BrowseProps {
  readonly asked: Asked;
  readonly register: Target;
  readonly onClose: () => void;
  readonly onChoose: (offered: Offered) => void;
}

/** All that a look-up offers, as a list to read through. */
export const BrowseDialog = ({
  asked: { form, question, draft, answers },
  register,
  onClose,
  onChoose,
}: BrowseProps) => {
  const [find, setFind] = useState('');
  const { data } = useQuery(queries.lookUp(form, question, { find: find.trim(), draft, answers, limit: MOST_BROWSED }));
  const words = foldText(find).split(' ').filter(Boolean);
  return (
    <Frame
      onClose={onClose}
      title={
        <>
          {register.mark !== null && <TabMark mark={register.mark} name={register.plural} />}
          {register.plural}
        </>
      }
    >
      <input
        className="box mb-2"
        aria-label={`Find in ${register.plural}`}
        placeholder="Part of a name or number"
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      <ul className="max-h-[60vh] overflow-auto" aria-label={register.plural}>
        {data?.found.map((offered) => (
          <li key={offered.id} className="ruled">
            <button
              type="button"
              className="flex w-full items-baseline gap-2 px-2 py-1.5 text-left hover:bg-iolite-wash"
              onClick={() => onChoose(offered)}
            >
              <span className="grow">
                <Found text={offered.title} words={words} />
                {offered.beside.length > 0 && <span className="text-ink-2"> · {offered.beside.join(' · ')}</span>}
              </span>
              <span className="font-mono text-xs text-ink-2">{offered.number}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[13px] text-ink-2" role="status">
        {data?.found.length === 0 && 'Nothing found.'}
        {data?.found.length === MOST_BROWSED && `The first ${MOST_BROWSED}. Write part of a name to see others.`}
      </p>
      <button type="button" className="btn mt-3" onClick={onClose}>
        Close
      </button>
    </Frame>
  );
};

interface AddProps {
  readonly form: string;
  readonly onClose: () => void;
  readonly onStored: (record: string) => void;
}

/** A record added without leaving the form: by its register's own form. */
export const AddInPlace = ({ form, onClose, onStored }: AddProps) => {
  const FillInPlace = useContext(FillInPlaceContext);
  return (
    <Frame onClose={onClose} title="Add, and come back">
      <Suspense fallback={<Coming />}>
        {FillInPlace && <FillInPlace formKey={form} onStored={onStored} onCancel={onClose} />}
      </Suspense>
    </Frame>
  );
};

/** The chosen record, to be looked at beside the form. */
export const BesideDialog = ({ register, id, onClose }: { register: string; id: string; onClose: () => void }) => {
  const { data: record } = useQuery(queries.record(register, id));
  const RecordFacts = useContext(RecordFactsContext);
  return (
    <Frame onClose={onClose} title={record ? `${record.title} ${record.number}` : 'One moment'}>
      <Suspense fallback={<Coming />}>{record && RecordFacts ? <RecordFacts record={record} /> : <Coming />}</Suspense>
      <p className="mt-4 flex gap-3">
        <button type="button" className="btn" onClick={onClose}>
          Back to the form
        </button>
        <Link className="btn" target="_blank" to={`/registers/${register}/${id}`}>
          Open it in a window of its own
        </Link>
      </p>
    </Frame>
  );
};
