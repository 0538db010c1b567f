import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { StrandPlan } from '../api/types';
import { Tape } from './Tape';

let root: Root;
let page: HTMLElement;

beforeEach(() => {
  vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe = () => undefined;
      disconnect = () => undefined;
    },
  );
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(900);
  page = document.createElement('div');
  document.body.append(page);
  root = createRoot(page);
});

afterEach(() => {
  act(() => root.unmount());
  page.remove();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const strand = {
  cutLengthMm: 62,
  wire: { metal: 'copper' },
  tape: [
    { label: 'spare', fromMm: 0, toMm: 2 },
    { label: 'handle', fromMm: 2, toMm: 22 },
    { element: 'loop', label: 'loop', fromMm: 22, toMm: 42 },
    { element: 'run', label: 'run', fromMm: 42, toMm: 62 },
  ],
  elements: [],
  marks: [{ label: 'loop starts', from: 'end', atMm: 20 }],
} as unknown as StrandPlan;

function show(chosen: string | undefined, onChoose: (id: string | undefined) => void) {
  act(() =>
    root.render(
      <Tape
        strand={strand}
        chosen={chosen}
        pointed={undefined}
        onChoose={onChoose}
        onPoint={() => undefined}
      />,
    ),
  );
}

describe('the tape', () => {
  it('names every part with its length, from the beginning of the wire', () => {
    show(undefined, () => undefined);
    const words = page.textContent ?? '';
    for (const said of ['spare 2.0', 'handle 20.0', 'loop 20.0', 'run 20.0']) expect(words).toContain(said);
    const parts = [...page.querySelectorAll('[data-segment]')].map((e) => e.getAttribute('data-segment'));
    expect(parts).toEqual(['loop', 'run']);
  });

  it('a name without room goes without its length, else a dot stands for it', () => {
    const tight = {
      ...strand,
      tape: ['first corner', 'second corner', 'third corner', 'fourth corner', 'fifth corner'].map(
        (label, i) => ({
          element: `c${i}`,
          label,
          fromMm: 10 + i,
          toMm: 11 + i,
        }),
      ),
    } as unknown as StrandPlan;
    act(() =>
      root.render(
        <Tape
          strand={tight}
          chosen={undefined}
          pointed={undefined}
          onChoose={() => undefined}
          onPoint={() => undefined}
        />,
      ),
    );
    const words = [...page.querySelectorAll('text')].map((t) => t.textContent);
    const dots = [...page.querySelectorAll('[data-unsaid]')].map((d) => d.getAttribute('data-unsaid'));
    expect(words).toContain('first corner 1.0');
    for (const label of tight.tape.map((part) => part.label)) {
      expect(dots.includes(label) || words.some((w) => w?.startsWith(label))).toBe(true);
    }
    expect(dots.length).toBeGreaterThan(0);
  });

  it('counts from the end that marks count from', () => {
    show(undefined, () => undefined);
    const figures = [...page.querySelectorAll('text')].filter((t) => /^\d+( mm)?$/.test(t.textContent ?? ''));
    const zero = figures.find((t) => t.textContent === '0 mm');
    const forty = figures.find((t) => t.textContent === '40');
    expect(Number(zero?.getAttribute('x'))).toBeGreaterThan(Number(forty?.getAttribute('x')));
  });

  it('chooses the part that is pressed', () => {
    const chosen: (string | undefined)[] = [];
    show(undefined, (id) => chosen.push(id));
    act(() => {
      page
        .querySelector('[data-segment=run]')
        ?.dispatchEvent(new MouseEvent('pointerdown', { bubbles: true, cancelable: true }));
      page
        .querySelector('[data-segment=run]')
        ?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    });
    expect(chosen).toContain('run');
  });
});
