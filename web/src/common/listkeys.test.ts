import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { listKeys } from './listkeys';

/** As much of a page as lists need: rows that can have the cursor, and keys that are pressed. */
class Row {
  constructor(private readonly page: { activeElement: unknown }) {}
  focus() {
    this.page.activeElement = this;
  }
  matches() {
    return false;
  }
}

describe('a list by keys', () => {
  const page: { activeElement: unknown } = { activeElement: null };
  const rows = [new Row(page), new Row(page), new Row(page)];
  let pressed: ((event: unknown) => void) | null = null;

  beforeEach(() => {
    page.activeElement = null;
    vi.stubGlobal('document', page);
    vi.stubGlobal('HTMLElement', Row);
    vi.stubGlobal('window', {
      addEventListener: (_: string, listener: (event: unknown) => void) => (pressed = listener),
      removeEventListener: () => (pressed = null),
    });
  });

  afterEach(() => vi.unstubAllGlobals());

  function press(key: string, more: object = {}) {
    pressed?.({ key, target: null, ...more });
  }

  function at(): number {
    return rows.indexOf(page.activeElement as Row);
  }

  it('goes down with j and up with k, and stays within the list', () => {
    listKeys({ querySelectorAll: () => rows } as unknown as HTMLElement);
    press('j');
    expect(at()).toBe(0);
    press('j');
    press('j');
    press('j');
    expect(at()).toBe(2);
    press('k');
    expect(at()).toBe(1);
  });

  it('leaves other keys and those of the browser alone', () => {
    listKeys({ querySelectorAll: () => rows } as unknown as HTMLElement);
    press('x');
    press('j', { ctrlKey: true });
    expect(page.activeElement).toBeNull();
  });

  it('does not move while somebody types', () => {
    listKeys({ querySelectorAll: () => rows } as unknown as HTMLElement);
    const field = new Row(page);
    field.matches = () => true;
    press('j', { target: field });
    expect(page.activeElement).toBeNull();
  });

  it('ends with the list', () => {
    listKeys({ querySelectorAll: () => rows } as unknown as HTMLElement).destroy();
    press('j');
    expect(page.activeElement).toBeNull();
  });
});
