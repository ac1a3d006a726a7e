/**
 * The currencies of ISO 4217, list one, by their minor units, as its maintenance agency lists them on 2026-01-01 (BGN
 * gone to the euro, XCG in place of ANG, XAD new); without funds, metals and codes for testing. Our own table, as the
 * platforms' follow what is usual in shops (CLDR: no decimals for HUF or IDR), and differ from one to the next. Held
 * to another copy of the list by a test.
 */
const BY_MINOR_UNITS: readonly (readonly [minorUnits: number, codes: string])[] = [
  [0, 'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XOF XPF'],
  [
    2,
    'AED AFN ALL AMD AOA ARS AUD AWG AZN BAM BBD BDT BMD BND BOB BOV BRL BSD BTN BWP BYN BZD CAD CDF CHE CHF CHW CNY ' +
      'COP COU CRC CUP CVE CZK DKK DOP DZD EGP ERN ETB EUR FJD FKP GBP GEL GHS GIP GMD GTQ GYD HKD HNL HTG HUF IDR ' +
      'ILS INR IRR JMD KES KGS KHR KPW KYD KZT LAK LBP LKR LRD LSL MAD MDL MGA MKD MMK MNT MOP MRU MUR MVR MWK MXN ' +
      'MXV MYR MZN NAD NGN NIO NOK NPR NZD PAB PEN PGK PHP PKR PLN QAR RON RSD RUB SAR SBD SCR SDG SEK SGD SHP SLE ' +
      'SOS SRD SSP STN SVC SYP SZL THB TJS TMT TOP TRY TTD TWD TZS UAH USD USN UYU UZS VED VES WST XAD XCD XCG YER ' +
      'ZAR ZMW ZWG',
  ],
  [3, 'BHD IQD JOD KWD LYD OMR TND'],
  [4, 'CLF UYW'],
];

const MINOR_UNITS: ReadonlyMap<string, number> = new Map(
  BY_MINOR_UNITS.flatMap(([units, codes]) => codes.split(' ').map((code): [string, number] => [code, units])),
);

/** The codes of all currencies in use, in the order of the alphabet. */
export const CURRENCIES: readonly string[] = [...MINOR_UNITS.keys()].toSorted();

export const isCurrency = (code: string): boolean => MINOR_UNITS.has(code);

/** Minor units of a currency (ISO 4217): GBP 2, JPY 0. Of a currency that is used no more, the usual two. */
export const minorUnits = (currency: string): number => MINOR_UNITS.get(currency) ?? 2;

/**
 * The signs that people write for a currency (common practice; Unicode's currency symbols, and the letters of those that
 * have none), each with the currencies that are written so.
 */
const SIGNS: ReadonlyMap<string, readonly string[]> = new Map([
  ['£', 'GBP GIP FKP SHP EGP SYP LBP SSP SDG'.split(' ')],
  ['€', ['EUR']],
  [
    '$',
    (
      'USD AUD CAD NZD SGD HKD TWD MXN ARS CLP COP BBD BMD BND BSD BZD FJD GYD JMD KYD LRD NAD SBD SRD TTD XCD ZWG ' +
      'UYU DOP CUP USN'
    ).split(' '),
  ],
  ['us$', ['USD']],
  ['a$', ['AUD']],
  ['c$', ['CAD']],
  ['nz$', ['NZD']],
  ['r$', ['BRL']],
  ['¥', ['JPY', 'CNY']],
  ['円', ['JPY']],
  ['元', ['CNY']],
  ['₹', ['INR']],
  ['rs', ['INR', 'PKR', 'LKR', 'NPR', 'MUR', 'SCR']],
  ['₩', ['KRW', 'KPW']],
  ['₪', ['ILS']],
  ['₫', ['VND']],
  ['₱', ['PHP']],
  ['฿', ['THB']],
  ['₺', ['TRY']],
  ['₽', ['RUB']],
  ['₴', ['UAH']],
  ['₦', ['NGN']],
  ['₡', ['CRC']],
  ['₲', ['PYG']],
  ['₸', ['KZT']],
  ['₭', ['LAK']],
  ['₮', ['MNT']],
  ['₵', ['GHS']],
  ['₾', ['GEL']],
  ['₼', ['AZN']],
  ['֏', ['AMD']],
  ['kr', ['NOK', 'SEK', 'DKK', 'ISK']],
  ['fr', ['CHF']],
  ['sfr', ['CHF']],
  ['zł', ['PLN']],
  ['kč', ['CZK']],
  ['ft', ['HUF']],
  ['lei', ['RON', 'MDL']],
  ['r', ['ZAR']],
]);

const SIGN_BEFORE = /^([-−+]?)\s*(\p{Sc}|[\p{L}.]{1,4}\p{Sc}?)\s*(?=[-−(\d.,])/u;
const SIGN_BEHIND = /(?<=[\d.,)])\s*(\p{Sc}|[\p{L}.]{1,4})$/u;

/** The currencies a sign or a code stands for; none where it is neither. */
const currenciesOf = (sign: string): readonly string[] => {
  const code = sign.toUpperCase();
  if (isCurrency(code)) return [code];
  return SIGNS.get(sign.toLowerCase().replace(/\.$/, '')) ?? NONE;
};
const NONE: readonly never[] = [];

/**
 * What a person wrote as an amount, without the sign or the code of its currency: "£12.50", "GBP 12.50", "12.50 GBP",
 * "-£5", "(£5)". `other` is the currency that was written where it is not this one.
 */
export const withoutCurrency = (typed: string, currency: string): { readonly text: string; readonly other: string } => {
  const [, inside] = /^\(([^()]+)\)$/.exec(typed) ?? [];
  if (inside !== undefined) {
    const { text, other } = withoutCurrency(inside, currency);
    return { text: `(${text})`, other };
  }
  const before = SIGN_BEFORE.exec(typed);
  const behind = before ? null : SIGN_BEHIND.exec(typed);
  const sign = before?.[2] ?? behind?.[1];
  if (sign === undefined) return { text: typed, other: '' };
  const text = before ? `${before[1] ?? ''}${typed.slice(before[0].length)}` : typed.slice(0, behind?.index).trimEnd();
  const named = sign.toUpperCase() === currency ? [currency] : currenciesOf(sign);
  // What is no sign at all stays, as does a letter that may be a slip: it is then no number.
  if (named.length === 0 || (/^\p{L}$/u.test(sign) && !named.includes(currency))) return { text: typed, other: '' };
  return { text, other: named.includes(currency) ? '' : (named[0] ?? '') };
};
