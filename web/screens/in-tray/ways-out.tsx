import { useState } from 'react';
import type { RecordDetail, TrayDetail } from '#contract/index.ts';
import { isMadeByProgram } from '#core/values/index.ts';
import { CommentBox } from '../../ui/comment-box.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import type { Deciding } from './use-deciding.ts';

interface SendBackProps {
  readonly record: RecordDetail;
  readonly detail: TrayDetail;
  readonly from: string;
  readonly comment: string;
  readonly onClose: () => void;
  readonly onSend: (body: Pick<Deciding, 'comment' | 'to_step' | 'marks'>) => void;
}

/** Sending back: to whom, why, and if wanted what is to be mended at single fields. */
export const SendBack = ({ record, detail, from, comment, onClose, onSend }: SendBackProps) => {
  const [why, setWhy] = useState(comment);
  const [to, setTo] = useState<number | null>(null);
  const [marks, setMarks] = useState<Readonly<Record<string, string>>>({});
  const [tried, setTried] = useState(false);
  // An empty one too: what is missing is what is sent back for most often.
  const fields = record.definition.fields.filter(({ type }) => !isMadeByProgram(type));
  const wrong = tried && why.trim() === '' ? 'Say why, so that it can be mended.' : undefined;
  return (
    <SheetDialog title={`Send back ${record.number}`} onClose={onClose}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          if (why.trim() === '') return;
          const told = Object.entries(marks).map(([field, says]) => ({ field, says }));
          onSend({ comment: why, marks: told, ...(to === null ? {} : { to_step: to }) });
        }}
      >
        {detail.back_to.length > 0 && (
          <fieldset>
            <legend className="font-semibold">To whom</legend>
            {[{ step: null, label: `${from}, who sent it` }, ...detail.back_to].map((each) => (
              <label key={each.step ?? 'sender'} className="flex items-center gap-2 py-1">
                <input type="radio" name="to" checked={to === each.step} onChange={() => setTo(each.step)} />
                {each.step === null ? each.label : `${each.label}, to look at it again`}
              </label>
            ))}
          </fieldset>
        )}
        <CommentBox label="Why, or what to change" wrong={wrong} value={why} onChange={setWhy} />
        {to === null && (
          <details>
            <summary className="cursor-pointer font-semibold">Mark single fields</summary>
            <div className="mt-2 max-h-64 overflow-auto">
              {fields.map(({ key, label }) => {
                const isMarked = key in marks;
                return (
                  <div key={key} className="ruled py-1">
                    <label className="flex items-center gap-2">
                      <input
                        type="checkbox"
                        checked={isMarked}
                        onChange={() => {
                          const { [key]: _, ...others } = marks;
                          setMarks(isMarked ? others : { ...marks, [key]: '' });
                        }}
                      />
                      {label}
                    </label>
                    {isMarked && (
                      <input
                        className="box mt-1"
                        aria-label={`What about ${label}`}
                        placeholder="What about it"
                        maxLength={500}
                        value={marks[key]}
                        onChange={(event) => setMarks({ ...marks, [key]: event.target.value })}
                      />
                    )}
                  </div>
                );
              })}
            </div>
          </details>
        )}
        <div className="flex gap-3">
          <button type="submit" className="btn btn-go">
            Send back
          </button>
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </SheetDialog>
  );
};

interface PassOnProps {
  readonly people: TrayDetail['pass_to'];
  readonly onClose: () => void;
  readonly onPass: (to: string) => void;
}

/** Passing it on to somebody who could sign it. */
export const PassOn = ({ people, onClose, onPass }: PassOnProps) => (
  <SheetDialog title="Pass it on" onClose={onClose}>
    <p className="mb-3 text-ink-2">It waits for them then, and no longer for you. Both names stay in the track.</p>
    <ul>
      {people.map(({ id, name }) => (
        <li key={id} className="ruled">
          <button type="button" className="slip-row" onClick={() => onPass(id)}>
            {name}
          </button>
        </li>
      ))}
    </ul>
    <button type="button" className="btn btn-quiet mt-3" onClick={onClose}>
      Cancel
    </button>
  </SheetDialog>
);
