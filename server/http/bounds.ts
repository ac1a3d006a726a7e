import { Refusal } from '../platform/refusal.ts';

/*
 * How much a body of JSON may hold, told from its bytes: what is nested or keyed without an end costs more to parse, and
 * to say what is wrong with it, than its size lets one think.
 */

/** Brackets and braces stand so deep in each other at most: what is sent by our own pages has about ten. */
const DEEPEST = 64;
const MOST_KEYS = 20_000;
/** Of what comes as many records, or as a whole set-up. */
const MOST_KEYS_OF_MANY = 250_000;
/** Items, of lists and objects together. */
const MOST_ITEMS = 250_000;

/** What a stranger may send; everybody else as much as `LARGEST_BODY`. */
export const LARGEST_OF_STRANGERS = 64 * 1024;
export const LARGEST_BODY = 4 * 1024 * 1024;

const OF_MANY = /^\/api\/(?:registers\/[^/]+\/import|imports|workspace)(?:\/|$)/;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COLON = 0x3a;
const COMMA = 0x2c;
/** `[` and `{`, `]` and `}` differ in this bit alone (RFC 8259, section 2). */
const isOpening = (byte: number): boolean => (byte | 0x20) === 0x7b;
const isClosing = (byte: number): boolean => (byte | 0x20) === 0x7d;

/** Refuses a body that nests too deep or names too much. One that is no JSON is told so by whoever parses it. */
export const refuseUnbounded = (body: Uint8Array, path: string): void => {
  const mostKeys = OF_MANY.test(path) ? MOST_KEYS_OF_MANY : MOST_KEYS;
  let [depth, keys, items, inText] = [0, 0, 0, false];
  for (let at = 0; at < body.length; at++) {
    const byte = body[at] ?? 0;
    if (byte === BACKSLASH) at++;
    else if (byte === QUOTE) inText = !inText;
    else if (inText) continue;
    else if (isOpening(byte)) depth++;
    else if (isClosing(byte)) depth--;
    else if (byte === COLON) keys++;
    else if (byte === COMMA) items++;
    else continue;
    if (depth > DEEPEST)
      throw new Refusal('too_large', `What was sent is nested more than ${DEEPEST} deep: that is not read here.`);
    if (keys > mostKeys || items > MOST_ITEMS)
      throw new Refusal('too_large', 'What was sent names more than is read at once: send it in parts.');
  }
};
