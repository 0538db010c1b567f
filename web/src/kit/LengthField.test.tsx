import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Refused } from '../api/client';
import { LengthField } from './LengthField';

let root: Root;
let page: HTMLElement;

/** The server reads lengths: here by a table of facts (25.4 mm to the inch, ISO 31-1). */
const READ: Record<string, number> = { '1/4in': 6.35, '8': 8, '8mm': 8, '3ft': 914.4 };

beforeEach(() => {
  vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
  Element.prototype.scrollIntoView = () => undefined;
  vi.spyOn(api, 'length').mockImplementation((text) => {
    const mm = READ[text];
    const violations = [{ path: 'text', value: text, limit: 'must begin with a number' }];
    return mm === undefined
      ? Promise.reject(new Refused({ status: 400, detail: 'not read', violations }))
      : (Promise.resolve({ mm, understood: text }) as never);
  });
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

function show(onChange: (mm: number, typed?: string) => Promise<boolean>) {
  act(() => root.render(<LengthField label="inside" mm={7} onChange={onChange} />));
  return page.querySelector('input') as HTMLInputElement;
}

async function type(input: HTMLInputElement, text: string, key: string) {
  await act(async () => {
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    set?.call(input, text);
    input.dispatchEvent(new Event('input', { bubbles: true }));
    await Promise.resolve();
  });
  await act(async () => {
    input.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await new Promise((go) => setTimeout(go, 20));
  });
}

describe('a field for a length', () => {
  it('refuses what lies outside its limits without asking anybody', async () => {
    const onChange = vi.fn(() => Promise.resolve(true));
    act(() => root.render(<LengthField label="inside" mm={7} from={8} to={60} onChange={onChange} />));
    await type(page.querySelector('input') as HTMLInputElement, '3ft', 'Enter');
    expect(page.querySelector('.wrong')?.textContent).toBe('must be from 8 to 60 mm');
    expect(onChange).not.toHaveBeenCalled();
  });

  it('shows the length that stands and gives what was typed to the server', async () => {
    const taken: [number, string | undefined][] = [];
    const input = show((mm, typed) => {
      taken.push([mm, typed]);
      return Promise.resolve(true);
    });
    expect(input.value).toBe('7.0');
    await type(input, '1/4in', 'Enter');
    expect(taken).toEqual([[6.35, '1/4in']]);
  });

  it('keeps what was typed where it cannot be read, and says why', async () => {
    const input = show(() => Promise.resolve(true));
    await type(input, 'about so', 'Enter');
    expect(input.value).toBe('about so');
    expect(page.querySelector('[role=alert]')?.textContent).toBe('must begin with a number');
    expect(input.getAttribute('aria-invalid')).toBe('true');
  });

  it('keeps what was typed while the change is not taken', async () => {
    const input = show(() => Promise.resolve(false));
    await type(input, '8', 'Enter');
    expect(input.value).toBe('8');
  });

  it('asks again while Etui does not answer, and takes it then', async () => {
    const taken: number[] = [];
    const away = new Refused({ status: 0, detail: 'Etui does not answer', violations: [] });
    vi.mocked(api.length).mockRejectedValueOnce(away);
    const input = show((mm) => {
      taken.push(mm);
      return Promise.resolve(true);
    });
    await type(input, '8', 'Enter');
    expect(page.querySelector('[role=alert]')?.textContent).toContain('does not answer; this waits');
    expect(taken).toEqual([]);
    await act(() => vi.waitFor(() => expect(taken).toEqual([8])));
    expect(page.querySelector('[role=alert]')).toBeNull();
  });

  it('goes back to what stands with escape', async () => {
    const input = show(() => Promise.resolve(true));
    await type(input, '8', 'Escape');
    expect(input.value).toBe('7.0');
  });

  it('steps by a tenth of a millimetre with the arrow keys, by ten tenths with shift', async () => {
    const taken: number[] = [];
    const input = show((mm) => {
      taken.push(mm);
      return Promise.resolve(true);
    });
    for (const [key, shiftKey] of [
      ['ArrowUp', false],
      ['ArrowDown', true],
    ] as const) {
      await act(async () => {
        input.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey, bubbles: true }));
        await Promise.resolve();
      });
    }
    expect(taken).toEqual([7.1, 6]);
  });
});
