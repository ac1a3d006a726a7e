import { checkGrid, decodeText, guessHead, LARGEST_SPREADSHEET, readText } from '#core/spreadsheet/index.ts';

/*
 * The thread that reads a file before it is sent: what is none of records is told at once, and nothing leaves the
 * machine. A workbook is unpacked by the server alone.
 */

const ZIP = [0x50, 0x4b, 0x03, 0x04];

/** Why a file is not sent, in a sentence; '' where it is. */
const whyNot = async (file: Blob): Promise<string> => {
  if (file.size === 0) return 'There is nothing in this file.';
  if (file.size > LARGEST_SPREADSHEET) return 'A spreadsheet of more than 50 MB is not read here: bring it in parts.';
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (ZIP.every((byte, at) => bytes[at] === byte)) return '';
  const read = readText(decodeText(bytes).text);
  // How it is parted and quoted can be said where it is shown: that alone keeps nothing here.
  if (!read.ok && read.problems.every(({ code }) => code === 'bad_csv')) return '';
  const checked = read.ok ? checkGrid(read.value.grid, guessHead(read.value.grid)) : read;
  // What is no text at all the server says better: it knows what else there is.
  return checked.ok ? '' : checked.problems.map(({ detail }) => detail).join(' ');
};

addEventListener('message', (event: MessageEvent<Blob>) => {
  void whyNot(event.data).then((says) => postMessage(says));
});
