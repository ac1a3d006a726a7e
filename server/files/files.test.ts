import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { sizes, things } from '#core/register/every-kind.arb.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

/** Files that say what they are, and files that lie. */
describe('files', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = await Promise.all([server.as('Runa'), server.as('Piet')]);
    await runa.post('/api/workspace/carry-out', { version: 1, choice_lists: [sizes], registers: [things] });
  });
  afterAll(() => server?.stop());

  const send = async (
    who: Caller,
    content: Uint8Array | string,
    query: Readonly<Record<string, string>> = {},
    headers = {},
  ) => {
    const body = typeof content === 'string' ? content : new Blob([new Uint8Array(content)]);
    const answer = await fetch(`${server.base}/api/files?${new URLSearchParams(query)}`, {
      method: 'POST',
      headers: { cookie: who.cookie, 'content-type': 'application/octet-stream', ...headers },
      body,
    });
    return { status: answer.status, body: await answer.json() };
  };
  const get = (who: Caller, path: string) => fetch(`${server.base}${path}`, { headers: { cookie: who.cookie } });
  const photo = () =>
    sharp({ create: { width: 640, height: 400, channels: 3, background: '#4d4691' } })
      .jpeg()
      .toBuffer();

  test('a photo is kept as it came, with a small picture, for whoever may see its record', async () => {
    const content = await photo();
    const kept = await send(runa, content, { name: '../../hull side.png', sort: 'photos' });
    expect([kept.status, kept.body]).toMatchObject([
      201,
      { name: 'hull side.png', media_type: 'image/jpeg', size: content.length, width: 640, height: 400 },
    ]);
    const { id } = kept.body;
    expect((await get(piet, `/api/files/${id}`)).status).toBe(404);
    const record = newId();
    await runa.post('/api/registers/things/records', { id: record, values: { a_files: [id] } });
    const path = `/api/registers/things/records/${record}/files/${id}`;
    const whole = await get(runa, path);
    expect(Buffer.from(await whole.arrayBuffer())).toEqual(content);
    expect(whole.headers.get('content-security-policy')).toBe("default-src 'none'; sandbox");
    expect(whole.headers.get('x-content-type-options')).toBe('nosniff');
    const small = await get(runa, `${path}?small=yes`);
    expect((await sharp(Buffer.from(await small.arrayBuffer())).metadata()).width).toBe(320);
    expect((await get(piet, path)).status).toBe(404);
    expect((await runa.get(`/api/registers/things/records/${record}`)).body.files[id].name).toBe('hull side.png');
    // A browser keeps it, and asks each time: nobody else sees it on the same computer.
    expect(small.headers.get('cache-control')).toBe('private, no-cache');
    const again = (who: string) =>
      fetch(`${server.base}${path}`, {
        // As a browser asks; a program's fetch would say besides that it wants none of what is kept.
        headers: { cookie: who, 'if-none-match': whole.headers.get('etag') ?? '', 'cache-control': 'max-age=0' },
      });
    expect([(await again(runa.cookie)).status, (await again(piet.cookie)).status, (await again('')).status]).toEqual([
      304, 404, 401,
    ]);
  });

  test('what somebody else added and never sent is put into no record; what stands in one is', async () => {
    const { id } = (await send(runa, await photo(), { name: 'a.jpg', sort: 'photos' })).body;
    const put = (who: Caller) => who.post('/api/registers/things/records', { id: newId(), values: { a_files: [id] } });
    const ines = await server.as('Ines');
    await runa.post('/api/workspace/carry-out', {
      version: (await runa.get('/api/workspace')).body.version,
      registers: [],
      choice_lists: [],
      roles: (await runa.get('/api/workspace')).body.roles
        .filter((role: { key: string }) => role.key === 'treasurer')
        .map((role: { registers: object }) => ({
          ...role,
          registers: { ...role.registers, things: { see: true, add: true, change: true } },
        })),
    });
    const refused = await put(ines);
    expect([refused.status, refused.body.errors?.[0].code]).toEqual([422, 'unknown_record']);
    expect((await put(runa)).status).toBe(201);
    expect((await put(ines)).status).toBe(201);
  });

  const svg = '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>';
  /** A PNG whose head tells of 30,000 by 30,000 points: 900 million. */
  const bomb = () => {
    const png = Buffer.from('89504e470d0a1a0a0000000d4948445200007530000075300802000000', 'hex');
    return Buffer.concat([png, Buffer.from('00000000', 'hex'), Buffer.from('0000000049444154', 'hex')]);
  };
  test.each([
    ['a drawing with a script', () => svg, 'photo.png', 'markup'],
    ['the same behind a byte order mark', () => `\uFEFF  ${svg}`, 'x.svg', 'markup'],
    ['a page', () => '<!doctype html><h1>x</h1>', 'letter.pdf', 'markup'],
    [
      'a program called a photo',
      () => Buffer.from('4d5a90000300000004000000ffff0000', 'hex'),
      'photo.jpg',
      'wrong_sort',
    ],
    ['a document where photos are wanted', () => '%PDF-1.7\n%âãÏÓ\n1 0 obj', 'photo.jpg', 'wrong_sort'],
    ['a photo cut off', async () => (await photo()).subarray(0, 300), 'photo.jpg', 'broken_picture'],
    ['a picture made to fill the memory', bomb, 'photo.png', 'too_many_pixels'],
    ['nothing', () => '', 'photo.jpg', 'empty'],
  ])('%s is refused in words', async (_, make, name, code) => {
    const { status, body } = await send(runa, await make(), { name, sort: 'photos' });
    expect([status, body.errors?.[0].code ?? body.detail]).toEqual([422, code]);
  });

  test('a picture of a form’s introduction is for whoever may fill the form in, and no other file by that way', async () => {
    const [shown, other] = [
      (await send(runa, await photo(), { name: 'slip.jpg', sort: 'photos' })).body.id,
      (await send(runa, await photo(), { name: 'own.jpg', sort: 'photos' })).body.id,
    ];
    const form = {
      key: 'look',
      label: 'Look',
      register: 'incidents',
      media: { file: shown, kind: 'picture', words: 'The north slip' },
      questions: [{ field: 'title' }],
    };
    expect((await runa.put('/api/forms/look/draft', form)).status).toBe(200);
    const path = `/api/forms/look/media/${shown}`;
    expect((await get(runa, path)).status).toBe(200);
    expect((await get(piet, path)).status).toBe(404);
    await runa.post('/api/forms/look/publish', { fill_in_by: ['yard_hand'], seen_by: [] });
    const picture = await get(piet, path);
    expect([picture.status, picture.headers.get('content-type')]).toEqual([200, 'image/jpeg']);
    expect((await get(piet, `/api/forms/look/media/${other}`)).status).toBe(404);
    expect((await get(piet, `/api/files/${shown}`)).status).toBe(404);
    expect((await fetch(`${server.base}${path}`)).status).toBe(401);
  });

  test('plain text is a document, whatever it is called; what is no text is none', async () => {
    expect((await send(runa, 'Notes\nof the day', { name: 'x.exe', sort: 'documents' })).body.media_type).toBe(
      'text/plain',
    );
    expect(
      (await send(runa, Buffer.from([0x41, 0x00, 0xff, 0xfe, 0x01]), { name: 'x.txt', sort: 'documents' })).status,
    ).toBe(422);
  });

  test('one over 25 MB is refused before it is read', async () => {
    const answer = await send(runa, Buffer.alloc(25 * 1024 * 1024 + 1));
    expect(answer.status).toBe(413);
  });

  test('a stranger and another site keep nothing here', async () => {
    expect((await send(server.stranger(), 'x')).status).toBe(401);
    expect((await send(runa, 'x', {}, { origin: 'https://elsewhere.example.org' })).status).toBe(403);
    expect((await get(server.stranger(), `/api/files/${newId()}`)).status).toBe(401);
  });
});
