// Workbooks that no spreadsheet wrote, made to be heavy, and what happens to a server that is brought one after the other.
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { strToU8, zipSync } from 'fflate';

const workbook = (rows) =>
  zipSync({
    'xl/workbook.xml': strToU8('<workbook><sheets><sheet name="A" id="r1"/></sheets></workbook>'),
    'xl/_rels/workbook.xml.rels': strToU8(
      '<Relationships><Relationship Id="r1" Target="worksheets/a.xml"/></Relationships>',
    ),
    'xl/worksheets/a.xml': strToU8(`<worksheet><sheetData>${rows}</sheetData></worksheet>`),
  });
const rowsWith = (count, cell) =>
  Array.from({ length: count }, (_, i) => `<row r="${i + 1}"><c r="${cell}${i + 1}"><v>1</v></c></row>`).join('');

export const HEAVY = [
  ['one cell far behind the last column there is', () => workbook('<row r="1"><c r="ZZZZZZZ1"><v>1</v></c></row>')],
  ['3,000 rows with a cell in the last column', () => workbook(rowsWith(3_000, 'XFD'))],
  ['30,000 rows with a cell in column 400', () => workbook(rowsWith(30_000, 'OJ'))],
  ['three million tags in each other', () => workbook('<a>'.repeat(3_000_000))],
  ['a cell of four million letters', () => workbook(`<row><c t="str"><v>${'a'.repeat(4e6)}</v></c></row>`)],
  ['100 MB of blanks, packed', () => workbook(' '.repeat(100e6))],
];

/** The memory of a process, in MB. */
const memoryOf = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/**
 * Brings one to a server, and waits for what is said of it: the memory it took above rest, in MB, whether it was refused in
 * words, and whether the same process still runs.
 */
export const bringHeavy = async (make, { base, cookie, pid }) => {
  const body = make();
  const server = pid();
  await pause(1_000);
  const rest = memoryOf(server);
  let most = rest;
  const watched = setInterval(() => {
    try {
      most = Math.max(most, memoryOf(server));
    } catch {}
  }, 20);
  const began = performance.now();
  try {
    const begun = await fetch(`${base}/api/imports?name=heavy.xlsx`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/octet-stream' },
      body,
    });
    const { id, detail } = await begun.json();
    for (;;) {
      const state = id ? await (await fetch(`${base}/api/imports/${id}`, { headers: { cookie } })).json() : null;
      if (state !== null && !['done', 'failed', 'stopped'].includes(state.job.state)) {
        await pause(100);
        continue;
      }
      return {
        above: most - rest,
        seconds: (performance.now() - began) / 1000,
        says: state?.job.problem ?? detail ?? '',
        survived: pid() === server,
      };
    }
  } finally {
    clearInterval(watched);
  }
};
