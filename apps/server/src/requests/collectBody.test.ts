import { connect } from 'node:net';
import express, { type NextFunction, type Request, type Response } from 'express';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { collectBody } from './collectBody.js';

const MAX_BYTES = 2048;
const failures: number[] = [];
let base = '';
let close: () => void;
beforeAll(async () => {
  const app = express();
  app.put('/', collectBody(MAX_BYTES), (request, response) => {
    response.send(Buffer.isBuffer(request.body) ? request.body.toString() : 'no body');
  });
  app.use((error: { status: number }, _request: Request, response: Response, _next: NextFunction) => {
    failures.push(error.status);
    response.status(error.status).end();
  });
  const server = app.listen(0, '127.0.0.1');
  await new Promise((listening) => server.once('listening', listening));
  const address = server.address();
  base = `http://127.0.0.1:${address && typeof address === 'object' ? address.port : 0}`;
  close = () => server.close();
});
afterAll(() => close());

const put = (body: BodyInit, type = 'application/json', headers = {}) =>
  fetch(base, {
    method: 'PUT',
    body,
    headers: { 'content-type': type, ...headers },
    ...({ duplex: 'half' } as object),
  });

it('collects a body of known length, and one of unknown length', async () => {
  const text = JSON.stringify({ word: 'Trübung'.repeat(100) });
  expect(await (await put(text)).text()).toBe(text);
  expect(await (await put(new Blob([text]).stream())).text()).toBe(text);
});

it('takes nothing that is not JSON, and nothing too large', async () => {
  expect(await (await put('words', 'text/plain')).text()).toBe('no body');
  expect((await put('x'.repeat(MAX_BYTES + 1))).status).toBe(413);
});

it('ends a body that is cut short as a fault of the sender, once', async () => {
  failures.length = 0;
  const { hostname, port } = new URL(base);
  const socket = connect(Number(port), hostname);
  socket.write(
    `PUT / HTTP/1.1\r\nHost: ${hostname}\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{"a":`,
  );
  await new Promise((written) => setTimeout(written, 50));
  socket.destroy();
  await expect.poll(() => failures).toEqual([400]);
});
