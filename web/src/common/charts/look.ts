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
export function tooltip({ ink, paper, faint, font }: Look) {
  return {
    renderMode: 'richText' as const,
    backgroundColor: paper,
    borderColor: faint,
    textStyle: { color: ink, fontSize: 13, fontFamily: font },
    confine: true,
  };
}

/** The day of a moment on an axis of time. */
export function isoOf(moment: number): string {
  const day = new Date(moment);
  const two = (number: number) => String(number).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}
