<script lang="ts">
  import type { EChartsCoreOption, init } from './library';
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
    let chart: ReturnType<typeof init> | null = null;
    let gone = false;
    const dark = matchMedia('(prefers-color-scheme: dark)');
    const sized = new ResizeObserver(() => chart?.resize());

    /** What there is to draw, also before the library is there: so it is drawn again when that changes. */
    function again() {
      const look = lookOf(place);
      const wanted = option(look);
      chart?.setOption(
        {
          animation: false,
          textStyle: { fontFamily: look.font, color: look.ink },
          aria: { enabled: true, label: { enabled: false }, decal: { show: true } },
          ...wanted,
        },
        true,
      );
    }

    // the library comes when there is something to draw
    void import('./library').then((library) => {
      if (gone) return;
      chart = library.init(place, null, { renderer: 'svg' });
      again();
      sized.observe(place);
    });

    dark.addEventListener('change', again);
    $effect(again);
    return {
      destroy() {
        gone = true;
        dark.removeEventListener('change', again);
        sized.disconnect();
        chart?.dispose();
      },
    };
  }
</script>

<div role="img" aria-label={label} class="w-full" style:height={`${height}px`} use:draw></div>
