import { parentPort, workerData } from 'node:worker_threads';
import { beginLabels } from './paper/label-paper.ts';
import { beginList } from './paper/list-paper.ts';
import { beginSheets } from './paper/sheet-paper.ts';
import { readyFor } from './paper/typeface.ts';
import type { BeginPaper, FromPaper, PaperHead, PaperKind, ToPaper } from './paper/work.ts';

/* The thread in which lists go on paper: the server answers others meanwhile. */

const BEGIN: { readonly [K in PaperKind]: BeginPaper } = {
  list: beginList,
  labels: beginLabels,
  sheets: beginSheets,
};

const { kind, head }: { readonly kind: PaperKind; readonly head: PaperHead } = workerData;
const tell = (word: FromPaper): void => parentPort?.postMessage(word);

await readyFor([head.title, head.says, ...head.columns.map(({ label }) => label), ...head.totals], head.language);
const writer = BEGIN[kind](head, (bytes) => tell({ kind: 'bytes', bytes }));

const take = async (word: ToPaper): Promise<void> => {
  switch (word.kind) {
    case 'rows':
      await readyFor(
        word.rows.flatMap(({ title, cells }) => [title, ...cells]),
        head.language,
      );
      writer.add(word.rows);
      return tell({ kind: 'taken' });
    case 'group':
      await readyFor([word.group.says, ...word.group.totals], head.language);
      return writer.group?.(word.group);
    case 'end':
      await writer.end();
      tell({ kind: 'whole' });
      parentPort?.close();
  }
};

// One after the other, in the order in which they were told.
let before = Promise.resolve();
parentPort?.on('message', (word: ToPaper) => {
  before = before.then(() => take(word));
});
