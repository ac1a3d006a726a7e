import { readFileSync } from 'node:fs';
import { ascending, count, descending, group, max, mean, median, min, rollup, sum } from 'd3-array';
import { csvFormat, csvParse, tsvParse } from 'd3-dsv';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { carryOut, untilOver } from '../testing/csv.ts';
import { type Caller, TestServer } from '../testing/harness.ts';

/*
 * The public data that the package vega-datasets 3.2.1 carries (BSD-3-Clause): films without who directed and sold them,
 * the weather of Seattle from 2012 to 2015, unemployment across industries from 2000 to 2010 and across counties. Each file
 * becomes a register by itself, start to end; each question is asked of a list, and of D3 (d3-array 3) over the file itself.
 */
const read = (name: string): string => readFileSync(`node_modules/vega-datasets/data/${name}`, 'utf8');
const text = z
  .union([z.string(), z.number()])
  .nullable()
  .transform((value) => (value === null ? null : String(value).trim()));
const number = z.number().nullable();
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
/** "Jun 12 1998" */
const isoDay = (written: string): string => {
  const [month = '', day = '', year = ''] = written.split(' ');
  return `${year}-${String(MONTHS.indexOf(month) + 1).padStart(2, '0')}-${day}`;
};
const films = z
  .array(
    z.object({
      Title: text,
      'US Gross': number,
      'Production Budget': number,
      'Release Date': z.string().nullable(),
      'MPAA Rating': text,
      'Running Time min': number,
      'Major Genre': text,
      'IMDB Rating': number,
      'IMDB Votes': number,
    }),
  )
  .parse(JSON.parse(read('movies.json')))
  .map((film) => ({
    title: film.Title,
    gross: film['US Gross'],
    budget: film['Production Budget'],
    released: film['Release Date'] === null ? null : isoDay(film['Release Date']),
    rated: film['MPAA Rating'],
    minutes: film['Running Time min'],
    genre: film['Major Genre'],
    liked: film['IMDB Rating'],
    votes: film['IMDB Votes'],
  }));
const weather = csvParse(read('seattle-weather.csv'), (row) => ({
  day: row.date ?? '',
  rain: Number(row.precipitation),
  warmest: Number(row.temp_max),
  coldest: Number(row.temp_min),
  wind: Number(row.wind),
  sky: row.weather ?? '',
}));
const jobless = z
  .array(z.object({ series: z.string(), year: z.number(), month: z.number(), count: z.number(), rate: z.number() }))
  .parse(JSON.parse(read('unemployment-across-industries.json')))
  .map(({ series, year, month, count: people, rate }) => ({
    series,
    month: `${year}-${String(month).padStart(2, '0')}-01`,
    people,
    rate,
  }));

const counties = tsvParse(read('unemployment.tsv'), (row) => ({ id: row.id ?? '', rate: Number(row.rate) }));

/** Every column but who directed and sold them, every value as it stands. */
const FILMS_CSV = csvFormat(
  z
    .array(z.record(z.string(), z.union([z.string(), z.number(), z.null()])))
    .parse(JSON.parse(read('movies.json')))
    .map(({ Director: _, Distributor: __, ...film }) => film),
);
/** The code that a choice gets which is made of a word. */
function codeOf(rating: string): string {
  return rating.toLowerCase().replaceAll(/[^a-z0-9]/g, '_');
}

interface File {
  readonly name: string;
  readonly text: string;
  readonly key: string;
  /** What its columns are called in the questions below, by their heads. */
  readonly keys: Readonly<Record<string, string>>;
  readonly rows: number;
}

const FILES: readonly File[] = [
  {
    name: 'movies.csv',
    text: FILMS_CSV,
    key: 'films',
    keys: {
      Title: 'title',
      'US Gross': 'gross',
      'Production Budget': 'budget',
      'Release Date': 'released',
      'MPAA Rating': 'rated',
      'Running Time min': 'minutes',
      'Major Genre': 'genre',
      'IMDB Rating': 'liked',
      'IMDB Votes': 'votes',
    },
    rows: 3_201,
  },
  {
    name: 'seattle-weather.csv',
    text: read('seattle-weather.csv'),
    key: 'weather',
    keys: {
      date: 'day',
      precipitation: 'rain',
      temp_max: 'warmest',
      temp_min: 'coldest',
      wind: 'wind',
      weather: 'sky',
    },
    rows: weather.length,
  },
  {
    name: 'jobless.csv',
    text: csvFormat(jobless),
    key: 'jobless',
    keys: { series: 'series', month: 'month', people: 'people', rate: 'rate' },
    rows: jobless.length,
  },
  { name: 'unemployment.tsv', text: read('unemployment.tsv'), key: 'counties', keys: {}, rows: counties.length },
];

/** Brings a file in as anybody would: it is read, guessed at, what does not fit is mended, and a register made of it. */
const bring = async (who: Caller, { name, text, key, keys, rows }: File): Promise<void> => {
  const begun = await who.post('/api/imports', { text, name });
  expect(begun.status, JSON.stringify(begun.body).slice(0, 500)).toBe(202);
  const guessed = await untilOver(who, begun.body.id);
  const heads = guessed.found?.columns.map(({ head }) => head) ?? [];
  const columns = guessed.plan?.columns.map((column, at) => {
    if (column.fills !== 'new') return column;
    const own = keys[heads[at] ?? ''];
    // Questions name genres, skies and industries by their words.
    const isWord = own === 'genre' || own === 'sky' || own === 'series';
    return {
      ...column,
      key: own ?? column.key,
      ...(isWord ? { type: { kind: 'text' } } : {}),
      ...(own === 'title' ? { required: true } : {}),
    };
  });
  const singular = key.replace(/s$/, '');
  const made = { ...guessed.plan?.made, key, singular, plural: key };
  const changed = await who.patch(`/api/imports/${guessed.id}`, {
    revision: guessed.revision,
    plan: { made, columns },
  });
  expect(changed.status, JSON.stringify(changed.body.errors)).toBe(202);
  let looked = await untilOver(who, guessed.id);
  for (const { column, code, alike } of looked.found?.would?.misfits ?? []) {
    expect([keys[heads[column ?? 0] ?? ''], code]).toEqual(['title', 'required']);
    const cells = alike.flatMap(({ rows: at }) =>
      at.map((row) => ({ row, column, taken: { as: 'text', text: 'Without a title' } })),
    );
    const mends = { ...looked.plan?.mends, cells };
    await who.patch(`/api/imports/${guessed.id}`, { revision: looked.revision, plan: { mends } });
    looked = await untilOver(who, guessed.id);
  }
  expect(looked.found?.would).toMatchObject({ add: rows, out: 0 });
  expect((await carryOut(who, looked)).status).toBe(202);
  expect(await untilOver(who, looked.id)).toMatchObject({ added: rows, refused_count: 0 });
};

describe('questions to public data are answered by lists as by D3', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    for (const file of FILES) await bring(runa, file);
  }, 240_000);
  afterAll(() => server?.stop());

  type Query = Readonly<Record<string, string>>;
  const ask = async (path: string, query: Query) => {
    const { status, body } = await runa.get(`/api/registers/${path}?${new URLSearchParams(query)}`);
    expect(status, JSON.stringify(body.errors)).toBe(200);
    return body;
  };
  const howMany = async (register: string, filter: string, find = ''): Promise<number> =>
    (await ask(`${register}/records`, { filter, find, limit: '1', count: 'exact' })).count;
  const asNumber = (value: string | null): number | string | null =>
    value === null || Number.isNaN(Number(value)) ? value : Number(value);
  const whole = async (register: string, totals: string, filter = ''): Promise<unknown[]> =>
    (await ask(`${register}/groups`, { totals, filter })).groups[0].totals.map(({ value }: { value: string | null }) =>
      asNumber(value),
    );
  /** Each innermost group by what it is called: how many, and its totals. */
  const parts = async (register: string, by: string, totals = '', filter = ''): Promise<Record<string, unknown[]>> => {
    const { groups, levels } = await ask(`${register}/groups`, { by, totals, filter });
    const deepest: { keys: (string | null)[]; count: number; totals: { value: string | null }[] }[] = groups.filter(
      ({ keys }: { keys: unknown[] }) => keys.length === levels.length,
    );
    return Object.fromEntries(
      deepest.map((each) => [each.keys.join(' '), [each.count, ...each.totals.map(({ value }) => asNumber(value))]]),
    );
  };
  const first = async (
    register: string,
    sort: string,
    column: string,
    limit: number,
    filter = '',
  ): Promise<unknown[]> => {
    const page = await ask(`${register}/records`, { sort, filter, limit: `${limit}`, count: 'no' });
    return page.records.map(({ values }: { values: Record<string, string | null> }) =>
      asNumber(values[column] ?? null),
    );
  };

  const tenths = (value: number | undefined, decimals: number): number => Number((value ?? 0).toFixed(decimals));
  const rolled = <T>(
    rows: readonly T[],
    key: (row: T) => string,
    of: (rows: T[]) => unknown[],
  ): Record<string, unknown[]> => Object.fromEntries(rollup(rows, of, key));
  const month = (day: string): string => `${day.slice(0, 7)}-01`;
  const year = (day: string): string => `${day.slice(0, 4)}-01-01`;
  const quarter = (day: string): string =>
    `${day.slice(0, 5)}${String(Math.floor((Number(day.slice(5, 7)) - 1) / 3) * 3 + 1).padStart(2, '0')}-01`;
  const n = (rows: readonly unknown[]): number => rows.length;
  const has = (part: string) => (film: (typeof films)[number]) => (film.title ?? '').toLowerCase().includes(part);

  type Question = readonly [asked: string, list: () => Promise<unknown>, d3: () => unknown];
  const QUESTIONS: readonly Question[] = [
    ['how many films there are', () => howMany('films', ''), () => n(films)],
    [
      'how many say what they cost',
      () => howMany('films', 'budget != null'),
      () => count(films, (f) => f.budget ?? undefined),
    ],
    [
      'how many cost over a hundred million',
      () => howMany('films', 'budget > 100000000'),
      () => n(films.filter((f) => (f.budget ?? 0) > 1e8)),
    ],
    [
      'how many took in less than they cost',
      () => howMany('films', 'gross < budget'),
      () => n(films.filter((f) => f.gross !== null && f.budget !== null && f.gross < f.budget)),
    ],
    [
      'how many dramas or comedies were liked with 8 or more',
      () => howMany('films', 'genre in ("Drama", "Comedy") and liked >= 8'),
      () => n(films.filter((f) => (f.genre === 'Drama' || f.genre === 'Comedy') && (f.liked ?? 0) >= 8)),
    ],
    [
      'how many are of no genre, and not rated',
      () => howMany('films', 'genre = null and rated = null'),
      () => n(films.filter((f) => f.genre === null && f.rated === null)),
    ],
    [
      'how many were released in the nineties',
      () => howMany('films', 'released >= date("1990-01-01") and released < date("2000-01-01")'),
      () => n(films.filter((f) => f.released !== null && f.released >= '1990' && f.released < '2000')),
    ],
    [
      'how many were released in a December',
      () => howMany('films', 'released.month = 12'),
      () => n(films.filter((f) => f.released?.slice(5, 7) === '12')),
    ],
    [
      'how many have “star” in their title, found as a word or part of one',
      () => howMany('films', '', 'star'),
      () => n(films.filter(has('star'))),
    ],
    [
      'how many of those made over fifty million',
      () => howMany('films', 'gross > 50000000', 'star'),
      () => n(films.filter((f) => has('star')(f) && (f.gross ?? 0) > 5e7)),
    ],
    [
      'how many counties have more than a tenth without work, and the most of any',
      async () => [await howMany('counties', 'rate > 0.1'), ...(await whole('counties', 'most:rate'))],
      () => [n(counties.filter((c) => c.rate > 0.1)), max(counties, (c) => c.rate)],
    ],
    ['what all took in', () => whole('films', 'sum:gross'), () => [sum(films, (f) => f.gross ?? 0)]],
    [
      'the most and the least a film cost',
      () => whole('films', 'most:budget,least:budget'),
      () => [max(films, (f) => f.budget ?? undefined), min(films, (f) => f.budget ?? undefined)],
    ],
    [
      'how films were liked on average',
      () => whole('films', 'average:liked'),
      () => [
        tenths(
          mean(films, (f) => f.liked ?? undefined),
          1,
        ),
      ],
    ],
    [
      'how long films run on average: minutes are whole, their average is not',
      () => whole('films', 'average:minutes'),
      () => [
        tenths(
          mean(films, (f) => f.minutes ?? undefined),
          2,
        ),
      ],
    ],
    [
      'the running time in the middle',
      () => whole('films', 'middle:minutes'),
      () => [
        tenths(
          median(films, (f) => f.minutes ?? undefined),
          2,
        ),
      ],
    ],
    [
      'how many different genres there are, and how many films have one',
      () => whole('films', 'different:genre,filled:genre'),
      () => [new Set(films.flatMap((f) => f.genre ?? [])).size, n(films.filter((f) => f.genre !== null))],
    ],
    [
      'the first and the last day of release',
      () => whole('films', 'least:released,most:released'),
      () => [min(films, (f) => f.released ?? undefined), max(films, (f) => f.released ?? undefined)],
    ],
    [
      'how many of each genre',
      () => parts('films', 'genre'),
      () =>
        rolled(
          films,
          (f) => f.genre ?? '',
          (rows) => [n(rows)],
        ),
    ],
    [
      'what each genre took in',
      () => parts('films', 'genre', 'sum:gross'),
      () =>
        rolled(
          films,
          (f) => f.genre ?? '',
          (rows) => [n(rows), sum(rows, (f) => f.gross ?? 0)],
        ),
    ],
    [
      'how many of each rating',
      () => parts('films', 'rated'),
      () =>
        rolled(
          films,
          (f) => (f.rated === null ? '' : codeOf(f.rated)),
          (rows) => [n(rows)],
        ),
    ],
    [
      'how many of each genre and rating',
      () => parts('films', 'genre,rated'),
      () =>
        rolled(
          films,
          (f) => `${f.genre ?? ''} ${f.rated === null ? '' : codeOf(f.rated)}`,
          (rows) => [n(rows)],
        ),
    ],
    [
      'how many a year',
      () => parts('films', 'released:year'),
      () =>
        rolled(
          films,
          (f) => (f.released === null ? '' : year(f.released)),
          (rows) => [n(rows)],
        ),
    ],
    [
      'how many in bands of what they cost',
      () => parts('films', 'budget:1000000/10000000/100000000'),
      () =>
        rolled(
          films,
          (f) => (f.budget === null ? '' : String([1e6, 1e7, 1e8].filter((edge) => (f.budget ?? 0) >= edge).length)),
          (rows) => [n(rows)],
        ),
    ],
    [
      'what the ten that took in most took in',
      () => first('films', '-gross', 'gross', 10),
      () =>
        films
          .map((f) => f.gross)
          .toSorted((a, b) => descending(a ?? -1, b ?? -1))
          .slice(0, 10),
    ],
    [
      'the twenty days of release first, of those rated G',
      () => first('films', 'released', 'released', 20, 'rated = "g"'),
      () =>
        films
          .filter((f) => f.rated === 'G')
          .map((f) => f.released ?? '9999')
          .toSorted(ascending)
          .slice(0, 20),
    ],
    [
      'the ten that were liked most of those with ten thousand votes',
      () => first('films', '-liked,-votes', 'votes', 10, 'votes >= 10000'),
      () =>
        films
          .filter((f) => (f.votes ?? 0) >= 10_000)
          .toSorted((a, b) => descending(a.liked ?? -1, b.liked ?? -1) || descending(a.votes ?? -1, b.votes ?? -1))
          .slice(0, 10)
          .map((f) => f.votes),
    ],
    ['how many days there are of weather', () => howMany('weather', ''), () => n(weather)],
    ['how many days were dry', () => howMany('weather', 'rain = 0'), () => n(weather.filter((d) => d.rain === 0))],
    [
      'how many had frost and snow',
      () => howMany('weather', 'coldest < 0 and sky = "snow"'),
      () => n(weather.filter((d) => d.coldest < 0 && d.sky === 'snow')),
    ],
    [
      'how many days were over 15 degrees warmer than their night',
      () => howMany('weather', 'warmest - coldest > 15'),
      () => n(weather.filter((d) => Number((d.warmest - d.coldest).toFixed(1)) > 15)),
    ],
    [
      'all the rain, the strongest wind, the coldest night',
      () => whole('weather', 'sum:rain,most:wind,least:coldest'),
      () => [
        tenths(
          sum(weather, (d) => d.rain),
          1,
        ),
        max(weather, (d) => d.wind),
        min(weather, (d) => d.coldest),
      ],
    ],
    [
      'the temperature in the middle',
      () => whole('weather', 'middle:warmest'),
      () => [
        tenths(
          median(weather, (d) => d.warmest),
          1,
        ),
      ],
    ],
    [
      'how many days of each sky',
      () => parts('weather', 'sky'),
      () =>
        rolled(
          weather,
          (d) => d.sky,
          (rows) => [n(rows)],
        ),
    ],
    [
      'the rain of each month',
      () => parts('weather', 'day:month', 'sum:rain'),
      () =>
        rolled(
          weather,
          (d) => month(d.day),
          (rows) => [
            n(rows),
            tenths(
              sum(rows, (d) => d.rain),
              1,
            ),
          ],
        ),
    ],
    [
      'the warmest day of each quarter',
      () => parts('weather', 'day:quarter', 'most:warmest'),
      () =>
        rolled(
          weather,
          (d) => quarter(d.day),
          (rows) => [n(rows), max(rows, (d) => d.warmest)],
        ),
    ],
    [
      'how many days of each sky a year, and their rain',
      () => parts('weather', 'day:year,sky', 'sum:rain'),
      () =>
        Object.fromEntries(
          [...group(weather, (d) => `${year(d.day)} ${d.sky}`)].map(([key, rows]) => [
            key,
            [
              n(rows),
              tenths(
                sum(rows, (d) => d.rain),
                1,
              ),
            ],
          ]),
        ),
    ],
    [
      'the five days with most rain',
      () => first('weather', '-rain', 'day', 5),
      () =>
        weather
          .toSorted((a, b) => descending(a.rain, b.rain))
          .slice(0, 5)
          .map((d) => d.day),
    ],
    [
      'how many months of unemployment are told, of how many series',
      () => whole('jobless', 'filled:month,different:series'),
      () => [n(jobless), new Set(jobless.map((j) => j.series)).size],
    ],
    [
      'the highest rate of each series',
      () => parts('jobless', 'series', 'most:rate'),
      () =>
        rolled(
          jobless,
          (j) => j.series,
          (rows) => [n(rows), max(rows, (j) => j.rate)],
        ),
    ],
    [
      'how many people in all, each year',
      () => parts('jobless', 'month:year', 'sum:people'),
      () =>
        rolled(
          jobless,
          (j) => year(j.month),
          (rows) => [n(rows), sum(rows, (j) => j.people)],
        ),
    ],
    [
      'in which months the rate was over 20',
      () => first('jobless', 'month', 'month', 50, 'rate > 20'),
      () =>
        jobless
          .filter((j) => j.rate > 20)
          .map((j) => j.month)
          .toSorted(ascending)
          .slice(0, 50),
    ],
  ];

  test('there are over forty of them', () => expect(QUESTIONS).toHaveLength(42));
  test.each(QUESTIONS)('%s', async (_, list, d3) => expect(await list()).toEqual(d3()));
});
