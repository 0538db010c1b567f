import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Refused } from './client';
import type { Piece } from './types';

const piece = { name: 'Hop', strands: [] } as unknown as Piece;

function answer(status: number, body: unknown) {
  const json = { 'Content-Type': 'application/json' };
  vi.stubGlobal('fetch', () =>
    Promise.resolve(new Response(JSON.stringify(body), { status, headers: json })),
  );
}

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('gives what was asked for', async () => {
    answer(200, { steps: [] });
    await expect(api.plan(piece, 'mm', 'last')).resolves.toEqual({ steps: [] });
  });

  it('carries every bad field of a refusal', async () => {
    const violations = [{ path: 'strands', value: '[]', limit: 'must hold at least 1' }];
    answer(400, { status: 400, detail: 'One field is not as allowed', violations });
    const refused = await api.plan(piece, 'mm', 'last').catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).problem).toEqual({
      status: 400,
      detail: 'One field is not as allowed',
      violations,
    });
  });

  it('says plainly when nobody answers', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('network')));
    await expect(api.plan(piece, 'mm', 'last')).rejects.toThrow('does not answer');
  });

  it('lets an overtaken question go quietly', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new DOMException('overtaken', 'AbortError')));
    await expect(api.plan(piece, 'mm', 'last')).rejects.toThrow('overtaken');
  });
});
