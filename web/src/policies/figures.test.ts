import { describe, expect, it } from 'vitest';
import { Figures } from './figures.svelte';

describe('figures that came with a starting point', () => {
  function text(...names: string[]): Figures {
    const figures = new Figures();
    names.forEach((name) => figures.show(name));
    return figures;
  }

  it('are all to be looked at, one after the other', () => {
    const figures = text('Amount earned', 'Balance limit');
    figures.beginUnseen();
    expect(figures.left).toEqual(['Amount earned', 'Balance limit']);
    figures.see('Amount earned');
    expect(figures.isUnseen('Amount earned')).toBe(false);
    expect(figures.left).toEqual(['Balance limit']);
  });

  it('do not matter any more once their rule is taken away', () => {
    const figures = text('Amount earned');
    const takeAway = figures.show('Balance limit');
    figures.beginUnseen();
    takeAway();
    expect(figures.left).toEqual(['Amount earned']);
  });

  it('are one’s own where a rule was added afterwards', () => {
    const figures = text('Amount earned');
    figures.beginUnseen();
    figures.show('Carried over');
    expect(figures.left).toEqual(['Amount earned']);
  });

  it('are remembered from the draft as it was kept', () => {
    const figures = text('Amount earned', 'Balance limit');
    figures.recall(['Balance limit', 'Gone since']);
    expect(figures.left).toEqual(['Balance limit']);
  });
});
