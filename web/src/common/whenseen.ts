import type { Action } from 'svelte/action';

/** Does something whenever an element comes into sight, as more rows do at the end of a long list. */
export const whenSeen: Action<HTMLElement, () => void> = (element, seen) => {
  let now = seen;
  const observer = new IntersectionObserver((entries) => {
    if (!entries.some((entry) => entry.isIntersecting)) return;
    now();
    // still in sight after growing: looked at once more
    observer.unobserve(element);
    observer.observe(element);
  });
  observer.observe(element);
  return {
    update: (next) => (now = next),
    destroy: () => observer.disconnect(),
  };
};
