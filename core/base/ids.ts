const HEX = Array.from({ length: 256 }, (_, byte) => byte.toString(16).padStart(2, '0'));

/**
 * A UUID of version 7 (RFC 9562 §5.7) from the moment it is made and ten random bytes; whoever creates a record
 * makes its id, so that sending twice is one record.
 */
export const uuidV7 = (epochMs: number, random: Uint8Array): string => {
  if (random.length < 10) throw new RangeError(`ten random bytes are needed, not ${random.length}`);
  const bytes = new Uint8Array(16);
  let rest = Math.floor(epochMs);
  for (let i = 5; i >= 0; i--) {
    bytes[i] = rest % 256;
    rest = Math.floor(rest / 256);
  }
  bytes.set(random.subarray(0, 10), 6);
  bytes[6] = 0x70 | ((bytes[6] ?? 0) & 0x0f);
  bytes[8] = 0x80 | ((bytes[8] ?? 0) & 0x3f);
  const hex = Array.from(bytes, (byte) => HEX[byte] ?? '');
  return [hex.slice(0, 4), hex.slice(4, 6), hex.slice(6, 8), hex.slice(8, 10), hex.slice(10)]
    .map((group) => group.join(''))
    .join('-');
};

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

export const isUuid = (text: string): boolean => UUID.test(text);
