/** The colours in which a chart is drawn, those of the page around it. */
export interface Look {
  ink: string;
  paper: string;
  faint: string;
  now: string;
  ahead: string;
  limit: string;
  wait: string;
  font: string;
}

/** The look of an element, in the theme that holds now. */
export function lookOf(element: Element): Look {
  const style = getComputedStyle(element);
  const colour = (name: string) => style.getPropertyValue(`--color-${name}`).trim();
  const dark = matchMedia('(prefers-color-scheme: dark)').matches;
  return {
    ink: colour('base-content'),
    paper: colour('base-100'),
    faint: colour('base-300'),
    now: colour(dark ? 'info' : 'secondary'),
    ahead: colour('primary'),
    limit: colour('error'),
    wait: colour('accent'),
    font: style.fontFamily,
  };
}

/** An axis in the page's ink. */
export function axis({ ink, faint }: Look) {
  return {
    axisLine: { lineStyle: { color: ink, opacity: 0.5 } },
    axisTick: { lineStyle: { color: faint } },
    axisLabel: { color: ink, fontSize: 11 },
    splitLine: { lineStyle: { color: faint } },
  };
}

/** A word beside what is pointed at. */
export function tooltip({ ink, paper, faint }: Look) {
  return {
    renderMode: 'richText' as const,
    backgroundColor: paper,
    borderColor: faint,
    textStyle: { color: ink, fontSize: 13 },
    confine: true,
  };
}
