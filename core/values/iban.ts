/**
 * How the account in an IBAN is built in each country: n digits, a capital letters, c either, each with how many
 * (ISO 13616-1, as SWIFT's IBAN registry lists them, release 99 of December 2024, from memory; held to another reading
 * of the registry by a test).
 */
const STRUCTURES: ReadonlyMap<string, string> = new Map(
  (
    'AD n8c12 AE n19 AL n8c16 AT n16 AZ a4c20 BA n16 BE n12 BG a4n6c8 BH a4c14 BI n23 BR n23a1c1 BY c4n4c16 CH n5c12 ' +
    'CR n18 CY n8c16 CZ n20 DE n18 DJ n23 DK n14 DO c4n20 EE n16 EG n25 ES n20 FI n14 FK a2n12 FO n14 FR n10c11n2 ' +
    'GB a4n14 GE a2n16 GI a4c15 GL n14 GR n7c16 GT c24 HN a4n20 HR n17 HU n24 IE a4n14 IL n19 IQ a4n15 IS n22 ' +
    'IT a1n10c12 JO a4n4c18 KW a4c22 KZ n3c13 LB n4c20 LC a4c24 LI n5c12 LT n16 LU n3c13 LV a4c13 LY n21 ' +
    'MC n10c11n2 MD c20 ME n18 MK n3c10n2 MN n16 MR n23 MT a4n5c18 MU a4n19a3 NI a4n20 NL a4n10 NO n11 OM n3c16 ' +
    'PK a4c16 PL n24 PS a4c21 PT n21 QA a4c21 RO a4c16 RS n18 RU n14c15 SA n2c18 SC a4n20a3 SD n14 SE n20 SI n15 ' +
    'SK n20 SM a1n10c12 SO n19 ST n21 SV a4n20 TL n19 TN n20 TR n5n1c16 UA n6c19 VA n18 VG a4n16 XK n16 YE a4n4c18'
  )
    .match(/[A-Z]{2} \S+/g)
    ?.map((each): [string, string] => [each.slice(0, 2), each.slice(3)]) ?? [],
);

/** What may stand at a place of each sort, and what that is called. */
const SORTS: ReadonlyMap<string, readonly [fits: RegExp, called: string]> = new Map([
  ['n', [/[0-9]/, 'a digit']],
  ['a', [/[A-Z]/, 'a letter']],
  ['c', [/[A-Z0-9]/, 'a letter or a digit']],
]);

/** What stands at each place of a country's account: n, a or c; null where no country has such IBANs. */
export const ibanPlaces = (country: string): string | null =>
  STRUCTURES.get(country)?.replace(/([nac])(\d+)/g, (_, sort: string, count: string) => sort.repeat(Number(count))) ??
  null;

/** What the first character that does not belong where it stands should be, and which it is; null where all belong. */
export const misplacedIn = (
  account: string,
  places: string,
): { readonly at: number; readonly wanted: string } | null => {
  for (const [at, sort] of [...places].entries()) {
    const [fits, called] = SORTS.get(sort) ?? [];
    if (!fits?.test(account.charAt(at))) return { at, wanted: called ?? '' };
  }
  return null;
};
