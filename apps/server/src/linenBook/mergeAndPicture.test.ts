import { MAX_PICTURES_CHARS, type Merged, type Piece, type PieceHistory } from '@feverfew/contracts';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beetroot, POINT, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const picture = () => ({ key: crypto.randomUUID(), jpeg: POINT });
const keep = async (name: string): Promise<string> => {
  const facts = { ...beetroot, piece: { ...beetroot.piece, name } };
  return (await server.http.post('/api/troubles').send({ pieceId: null, facts }).expect(201)).body.pieceId;
};
const wash = (id: string) =>
  server.http
    .post(`/api/pieces/${id}/care`)
    .send({ key: crypto.randomUUID(), what: 'machineWash', upkeepId: null, times: 3 })
    .expect(200);
const history = async (id: string): Promise<PieceHistory> =>
  (await server.http.get(`/api/pieces/${id}`).expect(200)).body;
const names = async (): Promise<string[]> =>
  (await server.http.get('/api/pieces')).body.map((piece: Piece) => piece.name).sort();

describe('a piece entered twice', () => {
  it('becomes one, with the troubles and washes of both, and is taken apart again as it was', async () => {
    const [one, two] = [await keep('cloth'), await keep('the cloth')];
    await wash(one);
    await wash(two);
    const before = await history(one);
    const merged: Merged = (
      await server.http.post(`/api/pieces/${one}/merge`).send({ intoId: two }).expect(200)
    ).body;
    await server.http.get(`/api/pieces/${one}`).expect(404);
    const both = await history(two);
    expect(both.piece.name).toBe('the cloth');
    expect(both.troubles).toHaveLength(2);
    expect(both.exposure.machineWashes).toBe(6);
    await server.http.post(`/api/pieces/${two}/apart`).send(merged).expect(200);
    expect(await history(one)).toEqual(before);
    expect((await history(two)).exposure.machineWashes).toBe(3);
    const twice = await server.http.post(`/api/pieces/${two}/apart`).send(merged).expect(409);
    expect(twice.body.type).toBe('urn:feverfew:samePiece');
  });

  it('is not merged with itself, nor with what is not there, and nothing is lost by trying', async () => {
    const id = await keep('napkin');
    const before = await names();
    await server.http.post(`/api/pieces/${id}/merge`).send({ intoId: id }).expect(409);
    await server.http.post(`/api/pieces/${id}/merge`).send({ intoId: crypto.randomUUID() }).expect(404);
    await server.http.post(`/api/pieces/${id}/merge`).send({}).expect(400);
    expect(await names()).toEqual(before);
  });

  it('takes nothing from a third piece when it is taken apart by made-up words', async () => {
    const [one, two, third] = [await keep('sheet'), await keep('the sheet'), await keep('other sheet')];
    const merged: Merged = (
      await server.http.post(`/api/pieces/${one}/merge`).send({ intoId: two }).expect(200)
    ).body;
    const troubleIds = [...merged.moved.troubleIds, ...(await history(third)).troubles.map(({ id }) => id)];
    const doctored = { ...merged, moved: { ...merged.moved, troubleIds } };
    await server.http.post(`/api/pieces/${two}/apart`).send(doctored).expect(200);
    expect((await history(third)).troubles).toHaveLength(1);
    expect((await history(one)).troubles).toHaveLength(1);
  });
});

describe('the picture of a piece', () => {
  it('is kept, seen, replaced, travels in the household file, and goes with the piece', async () => {
    const id = await keep('quilt');
    const first = picture();
    const put = await server.http.put(`/api/pieces/${id}/photo`).send(first).expect(200);
    expect(put.body.photoId).toBe(first.key);
    const seen = await server.http.get(`/api/photos/${first.key}`).expect(200);
    expect(seen.headers['content-type']).toBe('image/jpeg');
    const second = picture();
    await server.http.put(`/api/pieces/${id}/photo`).send(second).expect(200);
    await server.http.get(`/api/photos/${first.key}`).expect(404);
    const { body: file } = await server.http.get('/api/household/file').expect(200);
    expect(file.photos).toMatchObject([{ id: second.key, pieceId: id, runId: null }]);
    await server.http.put('/api/household/file').send(file).expect(200);
    const { piece, troubles } = await history(id);
    expect(piece.photoId).toBe(second.key);
    // A picture of one thing cannot be made the picture of another, and neither loses its own.
    const other = await keep('coverlet');
    await server.http.put(`/api/pieces/${other}/photo`).send(second).expect(400);
    expect((await history(id)).piece.photoId).toBe(second.key);
    await server.http.put(`/api/pieces/${id}/photo`).send(second).expect(200);
    const off = await server.http.delete(`/api/pieces/${id}/photo`).expect(200);
    expect(off.body.photoId).toBeNull();
    await server.http.put(`/api/pieces/${id}/photo`).send(picture()).expect(200);
    await server.http.delete(`/api/troubles/${troubles[0]?.id}`).expect(204);
    await server.http.delete(`/api/pieces/${id}`).expect(204);
    expect((await server.http.get('/api/household/file')).body.photos).toEqual([]);
  });

  it('is refused once all of them together are as much as a household file can carry', async () => {
    const id = await keep('tea towel');
    const { db } = server.database;
    const full = crypto.randomUUID();
    await db.execute(
      sql`insert into photos (id, created_at, piece_id, jpeg)
          values (${full}, now(), ${id}, repeat('A', ${MAX_PICTURES_CHARS + 1}::int))`,
    );
    const other = await keep('glass cloth');
    const { body } = await server.http.put(`/api/pieces/${other}/photo`).send(picture()).expect(400);
    expect(body.detail).toMatch(/as many pictures/);
    await db.execute(sql`delete from photos where id = ${full}`);
    await server.http.put(`/api/pieces/${other}/photo`).send(picture()).expect(200);
  });

  it('is a JPEG without its place and time, or refused', async () => {
    const id = await keep('pillow');
    const refused = await server.http
      .put(`/api/pieces/${id}/photo`)
      .send({ key: crypto.randomUUID(), jpeg: 'aGVsbG8=' })
      .expect(400);
    expect(refused.body.type).toBe('urn:feverfew:pictureRefused');
    await server.http.put(`/api/pieces/${crypto.randomUUID()}/photo`).send(picture()).expect(404);
    expect((await history(id)).piece.photoId).toBeNull();
  });
});
