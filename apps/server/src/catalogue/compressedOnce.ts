import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import type { Request, Response } from 'express';

const pressed = {
  br: (json: Buffer) =>
    promisify(brotliCompress)(json, {
      params: { [constants.BROTLI_PARAM_QUALITY]: 9, [constants.BROTLI_PARAM_SIZE_HINT]: json.length },
    }),
  gzip: (json: Buffer) => promisify(gzip)(json),
  identity: (json: Buffer) => Promise.resolve(json),
};
type Encoding = keyof typeof pressed;

/**
 * An answer that stays the same for as long as the program runs. It is turned into JSON and compressed once for each
 * encoding, when it is first asked for. For the knowledge that takes half a second, and every first page waits for it.
 */
export class CompressedOnce {
  private readonly bodies = new Map<Encoding, Promise<Buffer>>();
  private json: Buffer | null = null;

  constructor(private readonly answer: unknown) {}

  async send(request: Request, response: Response): Promise<void> {
    const encoding = (request.acceptsEncodings(['br', 'gzip', 'identity']) || 'identity') as Encoding;
    const body = await this.body(encoding);
    response.vary('Accept-Encoding').type('json');
    if (encoding !== 'identity') response.setHeader('Content-Encoding', encoding);
    response.send(body);
  }

  private body(encoding: Encoding): Promise<Buffer> {
    this.json ??= Buffer.from(JSON.stringify(this.answer));
    const body = this.bodies.get(encoding) ?? pressed[encoding](this.json);
    this.bodies.set(encoding, body);
    return body;
  }
}
