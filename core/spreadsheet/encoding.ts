/** How the letters of a text file can be kept in its bytes. */
export const ENCODINGS = ['UTF-8', 'UTF-16', 'Windows-1252'] as const;
/** How the letters of a text file are kept in its bytes. */
export type Encoding = (typeof ENCODINGS)[number];

/** What the bytes 0x80 to 0x9F of Windows-1252 stand for (WHATWG Encoding Standard, index windows-1252). */
const HIGH =
  '\u20AC\u0081\u201A\u0192\u201E\u2026\u2020\u2021\u02C6\u2030\u0160\u2039\u0152\u008D\u017D\u008F\u0090\u2018\u2019\u201C\u201D\u2022\u2013\u2014\u02DC\u2122\u0161\u203A\u0153\u009D\u017E\u0178';

const CHUNK_SIZE = 8_192;

const fromUnits = (units: (at: number) => number, count: number): string => {
  const parts: string[] = [];
  for (let from = 0; from < count; from += CHUNK_SIZE) {
    const some = Array.from({ length: Math.min(CHUNK_SIZE, count - from) }, (_, i) => units(from + i));
    parts.push(String.fromCharCode(...some));
  }
  return parts.join('');
};

const fromWindows1252 = (bytes: Uint8Array): string =>
  fromUnits((at) => {
    const byte = bytes[at] ?? 0;
    return byte >= 0x80 && byte < 0xa0 ? HIGH.charCodeAt(byte - 0x80) : byte;
  }, bytes.length);

const fromUtf16 = (bytes: Uint8Array, littleEnd: boolean): string => {
  const [low, high] = littleEnd ? [0, 1] : [1, 0];
  return fromUnits(
    (at) => (bytes[at * 2 + low] ?? 0) + (bytes[at * 2 + high] ?? 0) * 256,
    Math.floor(bytes.length / 2),
  ).toWellFormed();
};

const LOOKED_AT = 4_096;

/** Where the zeros stand in text of two bytes a character: behind the letters (little end first) or before them. */
const zerosTell = (bytes: Uint8Array): 'little' | 'big' | null => {
  const some = bytes.subarray(0, LOOKED_AT);
  const zeros = [0, 0];
  for (const [at, byte] of some.entries()) if (byte === 0) zeros[at % 2] = (zeros[at % 2] ?? 0) + 1;
  const [even = 0, odd = 0] = zeros;
  const most = some.length / 2;
  if (odd > most * 0.3 && even < most * 0.05) return 'little';
  return even > most * 0.3 && odd < most * 0.05 ? 'big' : null;
};

const fromUtf8 = (bytes: Uint8Array): string | null => {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
};

/** Text of two bytes a character, whichever end comes first: by its mark, else by where the zeros stand. */
const fromEitherUtf16 = (bytes: Uint8Array): string => {
  const [first, second] = bytes;
  const isMarked = (first === 0xff && second === 0xfe) || (first === 0xfe && second === 0xff);
  const isLittle = isMarked ? first === 0xff : zerosTell(bytes) !== 'big';
  return fromUtf16(isMarked ? bytes.subarray(2) : bytes, isLittle);
};

/**
 * How a text file seems to be kept: by its byte order mark, else UTF-16 where every other byte is zero, else UTF-8 where
 * it is that throughout, else Windows-1252, in which spreadsheets write where they are not told otherwise. With its text.
 */
const guess = (bytes: Uint8Array): { readonly text: string; readonly encoding: Encoding } => {
  const [first, second] = bytes;
  if ((first === 0xff && second === 0xfe) || (first === 0xfe && second === 0xff) || zerosTell(bytes) !== null)
    return { text: fromEitherUtf16(bytes), encoding: 'UTF-16' };
  const text = fromUtf8(bytes);
  return text === null ? { text: fromWindows1252(bytes), encoding: 'Windows-1252' } : { text, encoding: 'UTF-8' };
};

/** A text file as its text, by how it is said to be kept, else by how it seems to be. */
export const decodeText = (
  bytes: Uint8Array,
  encoding?: Encoding,
): { readonly text: string; readonly encoding: Encoding } => {
  switch (encoding) {
    case undefined:
      return guess(bytes);
    case 'UTF-8':
      return { text: new TextDecoder('utf-8').decode(bytes), encoding };
    case 'UTF-16':
      return { text: fromEitherUtf16(bytes), encoding };
    case 'Windows-1252':
      return { text: fromWindows1252(bytes), encoding };
  }
};

/** Whether a file's letters are the same however it is kept. */
export const isPlainAscii = (bytes: Uint8Array): boolean => bytes.every((byte) => byte > 0 && byte < 0x80);
