<script lang="ts">
  import type { EChartsCoreOption } from './library';
  import { type Look, lookOf } from './look';

  let {
    label,
    height = 230,
    option,
  }: {
    /** What it shows, for whoever does not see it. */
    label: string;
    height?: number;
    option: (look: Look) => EChartsCoreOption;
  } = $props();

  /** Draws into a place, again whenever what is drawn, the place's size or the theme changes. */
  function draw(place: HTMLElement) {
    let draw: (() => void) | null = null;
    let resize: (() => void) | null = null;
    let end: (() => void) | null = null;
    let gone = false;
    const dark = matchMedia('(prefers-color-scheme: dark)');
    const again = () => draw?.();
    const sized = new ResizeObserver(() => resize?.());

    // the library comes when there is something to draw
    void import('./library').then(({ init }) => {
      if (gone) return;
      const chart = init(place, null, { renderer: 'svg' });
      draw = () => {
        const look = lookOf(place);
        chart.setOption(
          {
            animation: false,
            textStyle: { fontFamily: look.font, color: look.ink },
            aria: { enabled: true, label: { enabled: false }, decal: { show: true } },
            ...option(look),
          },
          true,
        );
      };
      resize = () => chart.resize();
      end = () => chart.dispose();
      draw();
      sized.observe(place);
    });

    dark.addEventListener('change', again);
    $effect(() => {
      void option;
      draw?.();
    });
    return {
      destroy() {
        gone = true;
        dark.removeEventListener('change', again);
        sized.disconnect();
        end?.();
      },
    };
  }
</script>

<div role="img" aria-label={label} class="w-full" style:height={`${height}px`} use:draw></div>
